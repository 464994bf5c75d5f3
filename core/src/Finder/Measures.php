<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Measure\Measure;
use LogicException;

/** What a candidate costs, takes and sounds like: all that is known of it before its air is balanced. */
final readonly class Measures
{
    /** All of them that builds are compared by but their share of the goal, packed ({@see MeasureSteps}). */
    public int $steps;

    /**
     * @param  int  $firstCost  of all that is bought, hundredths of money
     * @param  int  $running  filters and energy over the years that are compared, hundredths of money
     * @param  float  $level  at the seat, dBA
     * @param  float  $footprint  floor of all units, m2
     * @param  float  $height  of one unit, m
     * @param  float  $power  of all units, W
     * @param  float  $minutes  of work on all units
     * @param  int  $missingTools  that are not at hand
     * @param  int  $missingSkills  that nobody has
     * @param  int  $missingParts  fans and filters that are not in stock
     * @param  int|null  $free  steps of level, footprint, power and minutes where they are known
     */
    public function __construct(
        public int $firstCost,
        public int $running,
        public float $level,
        public float $footprint,
        public float $height,
        public float $power,
        public float $minutes,
        public int $missingTools = 0,
        public int $missingSkills = 0,
        public int $missingParts = 0,
        ?int $free = null,
    ) {
        $this->steps = ($free ?? MeasureSteps::ofOperation($level, $power) | MeasureSteps::ofMaking($footprint, $minutes)) | MeasureSteps::ofCost($firstCost + $running);
    }

    /** The same with its fans at work instead of in free air. */
    public function working(Operation $free, Operation $working): self
    {
        return new self(
            $this->firstCost, $this->running + $working->energy - $free->energy, $working->level, $this->footprint, $this->height, $working->power,
            $this->minutes, $this->missingTools, $this->missingSkills, $this->missingParts,
        );
    }

    /** The same where so much more is bought for it, hundredths of money. */
    public function costing(int $more): self
    {
        return $more === 0 ? $this : new self(
            $this->firstCost + $more, $this->running, $this->level, $this->footprint, $this->height, $this->power,
            $this->minutes, $this->missingTools, $this->missingSkills, $this->missingParts,
        );
    }

    /** First cost and running over the years that are compared, hundredths of money. */
    public function totalCost(): int
    {
        return $this->firstCost + $this->running;
    }

    /** @return float in the unit of that measure; of those that are known before the air is balanced */
    public function in(Measure $measure): float
    {
        return match ($measure) {
            Measure::Level => $this->level,
            Measure::FirstCost => $this->firstCost / 100.0,
            Measure::RunningCost => $this->running / 100.0,
            Measure::TotalCost => $this->totalCost() / 100.0,
            Measure::Footprint => $this->footprint,
            Measure::Height => $this->height,
            Measure::Power => $this->power,
            Measure::Minutes => $this->minutes,
            Measure::CleanAir, Measure::Output, Measure::Bypass => throw new LogicException('This is known only once the air is balanced.'),
        };
    }

    /** @return float dBA, money, m2, m, W, min, or a number of what is missing */
    public function of(Limit $limit): float
    {
        return match ($limit) {
            Limit::Level => $this->in(Measure::Level),
            Limit::FirstCost => $this->in(Measure::FirstCost),
            Limit::TotalCost => $this->in(Measure::TotalCost),
            Limit::Footprint => $this->in(Measure::Footprint),
            Limit::Height => $this->in(Measure::Height),
            Limit::Power => $this->in(Measure::Power),
            Limit::Minutes => $this->in(Measure::Minutes),
            Limit::Tools => (float) $this->missingTools,
            Limit::Skills => (float) $this->missingSkills,
            Limit::Stock => (float) $this->missingParts,
        };
    }

    /**
     * The limits that it breaks.
     *
     * @return list<Limit>
     */
    public function broken(Limits $limits): array
    {
        return array_values(array_filter($limits->set(), fn (Limit $limit): bool => ! $limits->allow($limit, $this->of($limit))));
    }
}
