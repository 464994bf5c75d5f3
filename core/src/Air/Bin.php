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
