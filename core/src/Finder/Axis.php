<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Display;

/** One measure of the picture of all builds: where each stands along it, the best end at 1. */
enum Axis: string
{
    case Cost = 'cost';
    case Level = 'level';
    case Share = 'share';
    case Footprint = 'footprint';
    case Power = 'power';
    case Minutes = 'minutes';

    public function label(): string
    {
        return match ($this) {
            self::Cost => 'Cost',
            self::Level => 'Level',
            self::Share => 'Output',
            self::Footprint => 'Floor',
            self::Power => 'Power',
            self::Minutes => 'Work',
        };
    }

    /** @return float money, dBA, share of the goal, m2, W, min */
    public function value(Found $found): float
    {
        return match ($this) {
            self::Cost => $found->measures->totalCost() / 100.0,
            self::Level => $found->measures->level,
            self::Share => $found->share,
            self::Footprint => $found->measures->footprint,
            self::Power => $found->measures->power,
            self::Minutes => $found->measures->minutes,
        };
    }

    /** @return array{Display, float}|string as it is written */
    public function figure(float $value): array|string
    {
        return match ($this) {
            self::Cost => number_format($value, 0),
            self::Level => [Display::Level, $value],
            self::Share => [Display::Share, $value],
            self::Footprint => [Display::Area, $value],
            self::Power => [Display::Power, $value],
            self::Minutes => [Display::Minutes, 60.0 * $value],
        };
    }

    /**
     * From the worst of some builds at 0 to the best at 1; by ratio where that spans much, so that no build hides the rest.
     *
     * @param  non-empty-list<float>  $values
     * @return callable(float): float
     */
    public function places(array $values): callable
    {
        [$low, $high] = [min($values), max($values)];
        $byRatio = $low > 0.0 && $high / $low > 6.0 && $this !== self::Level;
        $scale = fn (float $value): float => $byRatio ? log($value) : $value;
        $span = $scale($high) - $scale($low);
        $isBetterHigh = $this === self::Share;

        return fn (float $value): float => $span <= 0.0 ? 1.0 : ($isBetterHigh ? ($scale($value) - $scale($low)) / $span : ($scale($high) - $scale($value)) / $span);
    }

    /**
     * Values to be written along it, the worst first.
     *
     * @param  non-empty-list<float>  $values
     * @return non-empty-list<float>
     */
    public function marks(array $values): array
    {
        [$low, $high] = [min($values), max($values)];
        $middle = $low > 0.0 && $high / $low > 6.0 && $this !== self::Level ? sqrt($low * $high) : ($low + $high) / 2.0;
        $marks = $low === $high ? [$low] : [$high, $middle, $low];

        return $this === self::Share ? array_reverse($marks) : $marks;
    }
}
