<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Scene;

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

    /** Number of filters one unit takes. */
    public function filterCount(): int;

    /**
     * Faces, seams, openings, panels and dimensions of this shape made of these parts.
     *
     * @throws DoesNotFit naming the part that does not fit and what is allowed
     */
    public function assemble(Design $design): Assembly;

    /**
     * The solids of a design that fits, to be drawn.
     *
     * @throws DoesNotFit
     */
    public function scene(Design $design): Scene;

    /**
     * Steps of making it, in order.
     *
     * @return non-empty-list<Step>
     */
    public function steps(Design $design): array;
}
