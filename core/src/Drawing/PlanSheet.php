<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\LaidRoom;

/** How something seen from straight above comes onto the sheet: mm with y down. */
final readonly class PlanSheet
{
    /** @param  LaidRoom|null  $laid  as it lies in its building; null as it was drawn */
    public function __construct(private ?LaidRoom $laid = null)
    {
    }

    /**
     * @param  PlanePoint  $point  m
     * @return PlanePoint mm
     */
    public function see(PlanePoint $point): PlanePoint
    {
        $at = $this->laid === null ? $point : $this->laid->at($point);

        // Adding nothing makes a zero of minus zero.
        return new PlanePoint(round(1000.0 * $at->x, 1) + 0.0, round(-1000.0 * $at->y, 1) + 0.0);
    }

    /**
     * View box of a sheet on which a longest room would just lie, with another in its middle: 12 to 10, eight hundredths to spare.
     *
     * @param  array{float, float, float, float}  $frame  left, front, right and back of the floor, m
     * @param  float  $longest  side of a room, m
     * @return string `x y width height`, mm
     */
    public static function around(array $frame, float $longest): string
    {
        [$left, $front, $right, $back] = $frame;
        [$width, $height] = [1080.0 * $longest, 900.0 * $longest];

        return sprintf('%.0f %.0f %.0f %.0f', 500.0 * ($left + $right) - $width / 2.0, -500.0 * ($front + $back) - $height / 2.0, $width, $height);
    }

    /** @param  list<PlanePoint>  $points  m */
    public function stroke(string $part, string $kind, array $points, bool $closed): Stroke
    {
        return new Stroke($part, $kind, array_map($this->see(...), $points), $closed, 0.0);
    }
}
