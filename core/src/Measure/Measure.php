<?php

declare(strict_types=1);

namespace Jornel\Core\Measure;

use Jornel\Core\Quantity\Display;

/** What builds are measured by, wherever they are found, compared or told about. */
enum Measure: string
{
    case CleanAir = 'clean-air';
    /** Clean air as a share of the goal. */
    case Output = 'output';
    case Level = 'level';
    case FirstCost = 'first-cost';
    case RunningCost = 'running-cost';
    case TotalCost = 'total-cost';
    case Power = 'power';
    case Bypass = 'bypass';
    case Footprint = 'footprint';
    case Height = 'height';
    case Minutes = 'minutes';

    public function label(): string
    {
        return match ($this) {
            self::CleanAir => 'Clean air',
            self::Output => 'Output',
            self::Level => 'Level',
            self::FirstCost => 'First cost',
            self::RunningCost => 'Running cost',
            self::TotalCost => 'Total cost',
            self::Power => 'Power',
            self::Bypass => 'Bypass',
            self::Footprint => 'Floor',
            self::Height => 'Height',
            self::Minutes => 'Work',
        };
    }

    /** What the best of several builds is called. */
    public function best(): string
    {
        return match ($this) {
            self::CleanAir, self::Output => 'most clean air',
            self::Level => 'quietest',
            self::FirstCost => 'lowest first cost',
            self::RunningCost => 'lowest running cost',
            self::TotalCost => 'lowest total cost',
            self::Power => 'lowest power',
            self::Bypass => 'least bypass',
            self::Footprint => 'smallest footprint',
            self::Height => 'lowest height',
            self::Minutes => 'quickest to build',
        };
    }

    /** Whether more of it is better; of everything else less is. */
    public function isBetterHigh(): bool
    {
        return $this === self::CleanAir || $this === self::Output;
    }

    /**
     * @param  float  $value  m3/s, share of the goal, dBA, money, W, share of the flow, m2, m, min
     * @return array{Display, float}|string as a sentence takes it
     */
    public function figure(float $value): array|string
    {
        return match ($this) {
            self::FirstCost, self::RunningCost, self::TotalCost => number_format($value, 0),
            self::CleanAir => [Display::Flow, $value],
            self::Output, self::Bypass => [Display::Share, $value],
            self::Level => [Display::Level, $value],
            self::Power => [Display::Power, $value],
            self::Footprint => [Display::Area, $value],
            self::Height => [Display::RoomLength, $value],
            self::Minutes => [Display::Minutes, 60.0 * $value],
        };
    }
}
