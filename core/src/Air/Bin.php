<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

/**
 * A range of particle sizes that filters are rated in.
 *
 * Source: ANSI/ASHRAE Standard 52.2-2017.
 */
enum Bin: string
{
    /** 0.3 to 1.0 micrometres. */
    case E1 = 'e1';
    /** 1.0 to 3.0 micrometres. */
    case E2 = 'e2';
    /** 3.0 to 10 micrometres. */
    case E3 = 'e3';

    /** The rate of this bin, as it is named in working out. */
    public function rateLabel(): string
    {
        return match ($this) {
            self::E1 => 'Rate of the finest bin, 1/h',
            self::E2 => 'Rate of the middle bin, 1/h',
            self::E3 => 'Rate of the coarsest bin, 1/h',
        };
    }

    /** The bin of the next finer particles; null of the finest. */
    public function finer(): ?self
    {
        return match ($this) {
            self::E1 => null,
            self::E2 => self::E1,
            self::E3 => self::E2,
        };
    }
}
