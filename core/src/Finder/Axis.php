<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Measure\Measure;

/** One measure of the picture of all builds: where each stands along it, the best end at 1. */
enum Axis: string
{
    case Cost = 'cost';
    case Level = 'level';
    case Share = 'share';
    case Footprint = 'footprint';
    case Power = 'power';
    case Minutes = 'minutes';

    public function measure(): Measure
    {
        return match ($this) {
            self::Cost => Measure::TotalCost,
            self::Level => Measure::Level,
            self::Share => Measure::Output,
            self::Footprint => Measure::Footprint,
            self::Power => Measure::Power,
            self::Minutes => Measure::Minutes,
        };
    }

    /** @return float in the unit of its measure */
    public function value(Found $found): float
    {
        return $this === self::Share ? $found->share : $found->measures->in($this->measure());
    }

    /**
     * From the worst of some builds at 0 to the best at 1, where what is worse or better stands too; by ratio where that spans much, so that no build hides the rest.
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
        $isBetterHigh = $this->measure()->isBetterHigh();

        return fn (float $value): float => $span <= 0.0 ? 1.0 : min(1.0, max(0.0, ($isBetterHigh ? $scale($value) - $scale($low) : $scale($high) - $scale($value)) / $span));
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

        return $this->measure()->isBetterHigh() ? array_reverse($marks) : $marks;
    }
}
