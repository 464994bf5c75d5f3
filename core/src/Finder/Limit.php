<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Display;

/** What a build may not exceed, or may not ask for. */
enum Limit: string
{
    /** dBA at the seat, all units together. */
    case Level = 'level';
    /** Money for all that is bought. */
    case FirstCost = 'first_cost';
    /** Money over the years that are compared. */
    case TotalCost = 'total_cost';
    /** Floor of all units, m2. */
    case Footprint = 'footprint';
    /** Of one unit, m. */
    case Height = 'height';
    /** Of all units, W. */
    case Power = 'power';
    /** Work on all units, min. */
    case Minutes = 'minutes';
    /** Tools that are not at hand: none may be missing. */
    case Tools = 'tools';
    /** Skills that nobody has: none may be missing. */
    case Skills = 'skills';
    /** Fans and filters that are not in stock: none may be missing. */
    case Stock = 'stock';

    /** Whether it has a figure of its own. */
    public function isCounted(): bool
    {
        return ! in_array($this, [self::Tools, self::Skills, self::Stock], true);
    }

    /**
     * @param  float  $value  dBA, money, m2, m, W, min, or a number of what is missing
     * @return array{Display, float}|string as a sentence takes it
     */
    public function figure(float $value): array|string
    {
        return match ($this) {
            self::Level => [Display::Level, $value],
            self::FirstCost, self::TotalCost => number_format($value, 0),
            self::Footprint => [Display::Area, $value],
            self::Height => [Display::RoomLength, $value],
            self::Power => [Display::Power, $value],
            self::Minutes => [Display::Minutes, 60.0 * $value],
            self::Tools, self::Skills, self::Stock => (string) (int) $value,
        };
    }
}
