<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** One of the two axes of a plot: what runs along it, from zero to where it ends, and what its numbers count in either measure. */
final readonly class PlotAxis
{
    /** @param  float  $most  at its end, SI, above 0 */
    private function __construct(public string $name, public float $most, private UnitOfMeasure $imperial, private UnitOfMeasure $metric)
    {
    }

    /** @param  float  $most  at its end, SI, above 0 */
    public static function of(string $name, float $most, Display $display): self
    {
        return new self($name, $most, $display->unit(System::Imperial), $display->unit(System::Metric));
    }

    /** @param  float  $most  at its end, SI, above 0 */
    public static function in(string $name, float $most, UnitOfMeasure $unit): self
    {
        return new self($name, $most, $unit, $unit);
    }

    public function unit(System $system): UnitOfMeasure
    {
        return $system === System::Imperial ? $this->imperial : $this->metric;
    }

    /** @return float distance between two of its round marks, in the unit of that measure */
    public function step(System $system): float
    {
        return Scale::step($this->most, $this->unit($system));
    }
}
