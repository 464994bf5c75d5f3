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
    ) {
    }

    /** The figure for this pollutant from a figure for each bin. */
    public function weigh(PerBin $perBin): float
    {
        return $this->weights->times($perBin)->sum();
    }
}
