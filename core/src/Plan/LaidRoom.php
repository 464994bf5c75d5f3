<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;

/** A room as it lies in its building: turned about its own origin, then moved. */
final readonly class LaidRoom
{
    /**
     * @param  float  $turn  anticlockwise, radians
     * @param  PlanePoint  $shift  m
     */
    public function __construct(public FloorPlan $plan, public float $turn, public PlanePoint $shift)
    {
    }

    /**
     * @param  PlanePoint  $point  of the room, m
     * @return PlanePoint of the building, m
     */
    public function at(PlanePoint $point): PlanePoint
    {
        return $point->turned($this->turn)->plus($this->shift);
    }

    /** Whether a part of one floor lies on the other. */
    public function liesOver(self $other): bool
    {
        [$mine, $theirs] = [$this->outline(), $other->outline()];
        foreach ($mine->walls() as $wall) {
            foreach ($theirs->walls() as $against) {
                if ($wall->crosses($against)) {
                    return true;
                }
            }
        }

        return $theirs->contains($mine->corners[0]) || $mine->contains($theirs->corners[0]);
    }

    private function outline(): Outline
    {
        return Outline::of(array_map($this->at(...), $this->plan->outline->corners), [1.0]);
    }
}
