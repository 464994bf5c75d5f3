<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Plan\LaidRoom;

/** How something seen from straight above comes onto the sheet: mm with y down. */
final readonly class PlanSheet
{
    /** @param  LaidRoom|null  $laid  as it lies in its building; null as it was drawn */
    public function __construct(private ?LaidRoom $laid = null)
    {
    }

    /**
     * @param  array{float, float}  $point  m
     * @return array{float, float} mm
     */
    public function see(array $point): array
    {
        [$x, $y] = $this->laid === null ? $point : $this->laid->at($point);

        // Adding nothing makes a zero of minus zero.
        return [round(1000.0 * $x, 1) + 0.0, round(-1000.0 * $y, 1) + 0.0];
    }

    /** @param  list<array{float, float}>  $points  m */
    public function stroke(string $part, string $kind, array $points, bool $closed): Stroke
    {
        return new Stroke($part, $kind, array_map($this->see(...), $points), $closed, 0.0);
    }
}
