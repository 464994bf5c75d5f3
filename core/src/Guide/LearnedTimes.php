<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Guide\Making\Step;

/**
 * What steps take by the ticks of those who did them. A typical time counts as much as a few that were measured, so that it
 * gives way step by step; a time that is no work, as when somebody went for lunch, is left out.
 */
final readonly class LearnedTimes
{
    /** Measured times that a typical one counts as much as (assumed). */
    private const TYPICAL = 3;

    /** Share of the typical time below which somebody only ticked, and above which they did something else (assumed). */
    private const WORK = [0.1, 5.0];

    /** How much slower or quicker than usual somebody may come out. */
    private const PACE = [0.4, 2.5];

    /** @param  array<string, non-empty-list<float>>  $minutes  measured, by id of the step */
    private function __construct(private array $minutes)
    {
    }

    /**
     * @param  list<array{string, float}>  $measured  id of the step and minutes, of units of one shape
     * @param  Guide  $guide  whose typical times tell what is no work
     */
    public static function of(array $measured, Guide $guide): self
    {
        $minutes = [];
        foreach ($measured as [$id, $took]) {
            $step = $guide->step($id);
            if ($step !== null && self::isWork($took, $step->step)) {
                $minutes[$id][] = $took;
            }
        }

        return new self($minutes);
    }

    /** @return float minutes of work */
    public function minutes(Step $step): float
    {
        $measured = $this->minutes[$step->id] ?? [];

        return (self::TYPICAL * $step->minutes() + array_sum($measured)) / (self::TYPICAL + count($measured));
    }

    /** How many measured times it rests on. */
    public function restOn(Step $step): int
    {
        return count($this->minutes[$step->id] ?? []);
    }

    /**
     * How somebody's times compare with these: 1 as usual, 2 twice as long; the fewer there are, the nearer to 1.
     *
     * @param  list<array{string, float}>  $own  id of the step and minutes
     */
    public function pace(array $own, Guide $guide): float
    {
        $sum = 0.0;
        $count = self::TYPICAL;
        foreach ($own as [$id, $took]) {
            $step = $guide->step($id);
            if ($step !== null && self::isWork($took, $step->step)) {
                $sum += log($took / $this->minutes($step->step));
                $count++;
            }
        }

        return min(self::PACE[1], max(self::PACE[0], exp($sum / $count)));
    }

    private static function isWork(float $took, Step $step): bool
    {
        return $took >= self::WORK[0] * $step->minutes() && $took <= self::WORK[1] * $step->minutes();
    }
}
