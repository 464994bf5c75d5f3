<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Measure\Measure;
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

    public function measure(): Measure
    {
        return match ($this) {
            self::Cheapest => Measure::TotalCost,
            self::LeastToBuy => Measure::FirstCost,
            self::Quietest => Measure::Level,
            self::Smallest => Measure::Footprint,
            self::LeastToRun => Measure::RunningCost,
            self::LeastPower => Measure::Power,
            self::QuickestToBuild => Measure::Minutes,
        };
    }

    /** @param  bool  $hasStock  whether something is there that need not be bought */
    public function label(bool $hasStock = false): string
    {
        return match ($this) {
            self::Cheapest => 'Lowest total cost',
            self::LeastToBuy => $hasStock ? 'Best from stock' : 'Lowest first cost',
            self::Quietest => 'Quietest',
            self::Smallest => 'Smallest footprint',
            self::LeastToRun => 'Lowest running cost',
            self::LeastPower => 'Lowest power',
            self::QuickestToBuild => 'Quickest to build',
        };
    }

    /** @return float the least is the best, in the unit of its measure */
    public function value(Measures $measures): float
    {
        return $measures->in($this->measure());
    }

    /** Whether one has by a whole step less of it than another. */
    public function isClearlyBetter(Measures $one, Measures $other): bool
    {
        return $this->value($other) - $this->value($one) >= MeasureSteps::step($this->measure());
    }

    /** @return array{Display, float}|string as a sentence takes it */
    public function figure(Measures $measures): array|string
    {
        return $this->measure()->figure($this->value($measures));
    }
}
