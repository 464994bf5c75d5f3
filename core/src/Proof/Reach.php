<?php

declare(strict_types=1);

namespace Jornel\Core\Proof;

use Jornel\Core\Proof\Tissue\Finding;

/** How far from a face dust is still drawn in: for dusty work it counts as much as the flow. */
final readonly class Reach
{
    /**
     * @param  float  $captured  farthest at which it was drawn in before it first was not, m; 0 where nowhere
     * @param  float|null  $lost  nearest at which it was not, m; null where it was drawn in everywhere
     */
    private function __construct(public float $captured, public ?float $lost)
    {
    }

    /** @param  list<array{float, Finding}>  $puffs  distance from the face, m, and what became of a puff of smoke or a pinch of dust there */
    public static function of(array $puffs): self
    {
        usort($puffs, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $captured = 0.0;
        foreach ($puffs as [$distance, $finding]) {
            if ($finding !== Finding::DrawnIn) {
                return new self($captured, $distance);
            }
            $captured = $distance;
        }

        return new self($captured, null);
    }
}
