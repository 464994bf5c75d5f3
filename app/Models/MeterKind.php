<?php

namespace App\Models;

use Jornel\Core\Quantity\UnitOfMeasure;

/** What a meter tells, by which it is chosen. */
enum MeterKind: string
{
    case Particles = 'pm25';
    case AirSpeed = 'air-speed';
    case Level = 'level';
    case Power = 'power';
    case Outdoors = 'outdoors';

    /** @return non-empty-list<UnitOfMeasure> that it may tell it in, the usual one first */
    public function units(): array
    {
        return match ($this) {
            self::Particles, self::Outdoors => [UnitOfMeasure::MicrogramPerCubicMetre, UnitOfMeasure::MilligramPerCubicMetre],
            self::AirSpeed => [UnitOfMeasure::MetrePerSecond, UnitOfMeasure::FootPerMinute],
            self::Level => [UnitOfMeasure::DecibelA],
            self::Power => [UnitOfMeasure::Watt],
        };
    }
}
