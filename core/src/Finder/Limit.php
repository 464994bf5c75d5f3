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

    /** What keeps to it, with its figure to be put in where it has one. */
    public function kept(): string
    {
        return match ($this) {
            self::Level => 'under %s at the seat',
            self::FirstCost => 'for %s to buy',
            self::TotalCost => 'for %s over the years',
            self::Footprint => 'on %s of floor',
            self::Height => 'no higher than %s',
            self::Power => 'on %s',
            self::Minutes => 'in %s of work',
            self::Tools => 'with the tools at hand',
            self::Skills => 'with the skills at hand',
            self::Stock => 'from fans and filters in stock',
        };
    }

    /** What a build has of it, with its figure to be put in. */
    public function had(): string
    {
        return match ($this) {
            self::Level => 'is at %s there',
            self::FirstCost => 'costs %s to buy',
            self::TotalCost => 'costs %s over the years',
            self::Footprint => 'takes %s of floor',
            self::Height => 'is %s high',
            self::Power => 'takes %s',
            self::Minutes => 'takes %s of work',
            self::Tools => 'needs %s more tools',
            self::Skills => 'needs %s more skills',
            self::Stock => 'needs %s more fans or filters',
        };
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

    /** Whether it has a figure of its own. */
    public function isCounted(): bool
    {
        return ! in_array($this, [self::Tools, self::Skills, self::Stock], true);
    }
}
