<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

/** A room as it lies in its building: turned about its own origin, then moved. */
final readonly class LaidRoom
{
    /**
     * @param  float  $turn  anticlockwise, radians
     * @param  array{float, float}  $shift  m
     */
    public function __construct(public FloorPlan $plan, public float $turn, public array $shift)
    {
    }

    /**
     * @param  array{float, float}  $point  of the room, m
     * @return array{float, float} of the building, m
     */
    public function at(array $point): array
    {
        [$c, $s] = [cos($this->turn), sin($this->turn)];

        return [$c * $point[0] - $s * $point[1] + $this->shift[0], $s * $point[0] + $c * $point[1] + $this->shift[1]];
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
