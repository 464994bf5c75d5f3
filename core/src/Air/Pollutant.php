<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

/** What is in the air: a weighting of the particle bins. */
final readonly class Pollutant
{
    /**
     * @param  string  $within  its name within a sentence
     * @param  PerBin  $weights  share of each bin, sum 1
     * @param  string  $source  where the weights come from
     * @param  float  $capacityFactor  dust of this kind that a filter takes, over fine test dust (assumed)
     * @param  bool  $isAtSource  whether it is set free at a place of work, so that a unit's reach counts beside its flow
     * @param  int|null  $leastGrade  the grade below which a filter is not offered without saying so
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $within,
        public PerBin $weights,
        public string $source,
        public ?int $leastGrade,
        public float $capacityFactor = 1.0,
        public bool $isAtSource = false,
    ) {
    }

    /** Whether no more of it lies in the finer bins than of another, so that a filter, which catches coarser bins no worse, catches it no worse. */
    public function isNoFinerThan(self $other): bool
    {
        [$own, $others] = [$this->weights, $other->weights];

        return $own->in(Bin::E1) <= $others->in(Bin::E1) + 1e-9
            && $own->in(Bin::E1) + $own->in(Bin::E2) <= $others->in(Bin::E1) + $others->in(Bin::E2) + 1e-9;
    }

    /** The figure for this pollutant from a figure for each bin. */
    public function weigh(PerBin $perBin): float
    {
        // Written out, as the finder weighs hundreds of thousands.
        return $this->weights->e1 * $perBin->e1 + $this->weights->e2 * $perBin->e2 + $this->weights->e3 * $perBin->e3;
    }
}
