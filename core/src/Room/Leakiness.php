<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

/** How leaky a building is, for want of a measurement. */
enum Leakiness: string
{
    case Tight = 'tight';
    case Ordinary = 'ordinary';
    case Leaky = 'leaky';

    /** @return float outdoor air changes by cracks, 1/h (assumed) */
    public function infiltration(): float
    {
        return match ($this) {
            self::Tight => Ventilation::TIGHT,
            self::Ordinary => Ventilation::ORDINARY,
            self::Leaky => Ventilation::LEAKY,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Tight => 'Tight',
            self::Ordinary => 'Ordinary',
            self::Leaky => 'Leaky',
        };
    }
}
