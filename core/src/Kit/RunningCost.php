<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Jornel\Core\Numeric\Ratio;

/** First cost, filters and energy over a span of years. */
final readonly class RunningCost
{
    private const DAYS_IN_A_YEAR = 365.25;

    /**
     * @param  float  $energy  kWh over the span
     */
    private function __construct(
        public Economy $economy,
        public BigDecimal $first,
        public BigDecimal $change,
        public float $energy,
        public BigDecimal $energyCost,
        public BigDecimal $total,
    ) {
    }

    /** @param  float  $watts of all units at the speed they run at */
    public static function of(ShoppingList $list, float $watts, Economy $economy): self
    {
        return self::from($list->firstCost(), $list->changeCost(), $watts, $economy);
    }

    public static function from(BigDecimal $first, BigDecimal $change, float $watts, Economy $economy): self
    {
        $energy = $watts / 1000.0 * $economy->hoursPerDay * self::DAYS_IN_A_YEAR * $economy->years;
        $energyCost = $economy->tariff->multipliedBy(BigDecimal::of(sprintf('%.6f', $energy)))->toScale(2, RoundingMode::HALF_UP);

        return new self(
            $economy, $first, $change, $energy, $energyCost,
            $first->plus($change->multipliedBy($economy->changes))->plus($energyCost)->toScale(2),
        );
    }

    /**
     * Money over the span for each unit of clean air.
     *
     * @param  float  $cleanAir  m3/s, zero or more
     * @return float|null money for a m3/s; null where there is none
     */
    public function perCleanAir(float $cleanAir): ?float
    {
        return Ratio::of($this->total->toFloat(), $cleanAir);
    }

    /** Money for a room and a year. */
    public function perYear(): BigDecimal
    {
        return $this->total->dividedBy(BigDecimal::of(sprintf('%.4f', $this->economy->years)), 2, RoundingMode::HALF_UP);
    }
}
