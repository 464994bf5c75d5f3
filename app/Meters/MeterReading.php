<?php

namespace App\Meters;

use Jornel\Core\Quantity\UnitOfMeasure;

/** What a meter told at a moment. */
final readonly class MeterReading
{
    /** @param  float  $value  in the unit */
    public function __construct(public float $value, public UnitOfMeasure $unit)
    {
    }

    public function si(): float
    {
        return $this->unit->toSi($this->value);
    }

    /** As it would be written by hand. */
    public function entered(): string
    {
        return rtrim(rtrim(number_format($this->value, 2, '.', ''), '0'), '.').' '.$this->unit->symbol();
    }
}
