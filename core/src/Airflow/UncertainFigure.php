<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Quantity\Provenance;

/** A figure of a part that is not sure, and the output with it off to either side. */
final readonly class UncertainFigure
{
    /**
     * @param  string  $quantity  one of {@see Tolerances::QUANTITIES}
     * @param  string  $part  id of the part that it is a figure of
     * @param  string  $name  of the part, in words
     * @param  float  $deviation  one standard deviation of its natural logarithm, above 0
     * @param  float  $measured  the same once it is measured
     * @param  Output  $up  with the figure sqrt(3) deviations up
     * @param  Output  $down  with the figure as far down
     */
    public function __construct(
        public string $quantity,
        public string $part,
        public string $name,
        public Provenance $from,
        public float $deviation,
        public float $measured,
        public Output $up,
        public Output $down,
    ) {
    }

    /** What is the same figure wherever it counts: one fan's flow is off alike in every unit that has it. */
    public function key(): string
    {
        return "{$this->quantity} {$this->part}";
    }

    /** What it is, in words. */
    public function words(): string
    {
        return match ($this->quantity) {
            'fan_flow' => 'flow of the fan',
            'fan_pressure' => 'shut-off of the fan',
            'filter_drop' => 'drop of the filter',
            'ln_penetration' => 'what the filter lets through',
            'seam_gap' => 'gap of the seams',
            'opening' => 'openings at the fan’s corners',
            default => 'rated clean air',
        };
    }

    public function with(Output $up, Output $down): self
    {
        return new self($this->quantity, $this->part, $this->name, $this->from, $this->deviation, $this->measured, $up, $down);
    }
}
