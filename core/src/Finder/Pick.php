<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Display;

/** What a build may be the best at, among all that do it. */
enum Pick: string
{
    case Cheapest = 'cheapest';
    case LeastToBuy = 'least-to-buy';
    case Quietest = 'quietest';
    case Smallest = 'smallest';
    case LeastToRun = 'least-to-run';
    case LeastPower = 'least-power';
    case QuickestToBuild = 'quickest-to-build';

    /** @param  bool  $hasStock  whether something is there that need not be bought */
    public function label(bool $hasStock = false): string
    {
        return match ($this) {
            self::Cheapest => 'Lowest total cost',
            self::LeastToBuy => $hasStock ? 'Best from stock' : 'Lowest first cost',
            self::Quietest => 'Quietest',
            self::Smallest => 'Smallest',
            self::LeastToRun => 'Lowest running cost',
            self::LeastPower => 'Lowest power',
            self::QuickestToBuild => 'Quickest to build',
        };
    }

    /** @return float the least is the best: money, dBA, m2, W, min */
    public function value(Measures $measures): float
    {
        return match ($this) {
            self::Cheapest => $measures->totalCost() / 100.0,
            self::LeastToBuy => $measures->firstCost / 100.0,
            self::Quietest => $measures->level,
            self::Smallest => $measures->footprint,
            self::LeastToRun => $measures->running / 100.0,
            self::LeastPower => $measures->power,
            self::QuickestToBuild => $measures->minutes,
        };
    }

    /** Whether one has by a whole step less of it than another. */
    public function isClearlyBetter(Measures $one, Measures $other): bool
    {
        $step = match ($this) {
            self::Cheapest, self::LeastToBuy, self::LeastToRun => MeasureSteps::COST / 100.0,
            self::Quietest => MeasureSteps::LEVEL,
            self::Smallest => MeasureSteps::FOOTPRINT,
            self::LeastPower => MeasureSteps::POWER,
            self::QuickestToBuild => MeasureSteps::MINUTES,
        };

        return $this->value($other) - $this->value($one) >= $step;
    }

    /** @return array{Display, float}|string as a sentence takes it */
    public function figure(Measures $measures): array|string
    {
        $value = $this->value($measures);

        return match ($this) {
            self::Cheapest, self::LeastToBuy, self::LeastToRun => number_format($value, 0),
            self::Quietest => [Display::Level, $value],
            self::Smallest => [Display::Area, $value],
            self::LeastPower => [Display::Power, $value],
            self::QuickestToBuild => [Display::Minutes, 60.0 * $value],
        };
    }
}
