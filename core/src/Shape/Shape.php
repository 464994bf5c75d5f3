<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Scene;

/**
 * How filter faces, fans, panels and seams come together.
 *
 * A new shape is one class and its line in {@see Shapes}.
 */
interface Shape
{
    public function id(): string;

    public function name(): string;

    /** In one sentence: what it is and what it is good for. */
    public function description(): string;

    /**
     * What about it may be made one way or another.
     *
     * @return list<ShapeOption>
     */
    public function options(): array;

    /**
     * Ways of making it that are worth comparing: what the room settles stays as usual.
     *
     * @return non-empty-list<array<string, string>> choices by option
     */
    public function ways(): array;

    /** Whether another choice of its options makes the very same thing, or a plainly better one, so that the finder need not look at a design. */
    public function isNeedless(Design $design): bool;

    /** What closes it below, where the same walls and fan could stand on something else; null where not. */
    public function base(): ?string;

    public function usualDirection(): Direction;

    /** What keeps it upright. */
    public function stand(Design $design): Stand;

    /** Whether it tips along its width first, so that feet run that way instead of from front to back. */
    public function tipsSideways(): bool;

    /** How its fan's shaft stands. */
    public function shaft(Design $design): ShaftPosition;

    /**
     * Masses of what is drawn as one body but weighs less or more than its form says, such as a canister of carbon.
     *
     * @return array<string, float> kg, by material of the solids
     */
    public function masses(Design $design): array;

    /** Whether it draws air from all round, as against a single face that catches only what is set free right before it. */
    public function drawsFromAround(): bool;

    /** Whether it is set in a window and brings air in, so that the room must have one to spare. */
    public function needsWindow(): bool;

    /** Number of filters one unit takes; a pre-filter comes in front of each. */
    public function filterCount(Design $design): int;

    /** Number of fans one unit takes. */
    public function fanCount(Design $design): int;

    /**
     * Faces, seams, openings and panels of this shape made of these parts.
     *
     * @throws DoesNotFit naming the part that does not fit and what is allowed
     */
    public function assemble(Design $design): Assembly;

    /**
     * The solids of a design that fits, to be drawn, as it stands when it pulls, without what is put under it.
     *
     * @throws DoesNotFit
     */
    public function scene(Design $design): Scene;

    /**
     * How far its solids reach, corners treated as they are, without what is put under it.
     *
     * @throws DoesNotFit
     */
    public function size(Design $design): Size;
}
