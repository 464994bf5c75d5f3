<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Numeric\Ratio;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Quantity\Money;

/** First cost, filters and energy over a span of years. */
final readonly class RunningCost
{
    private const DAYS_IN_A_YEAR = 365.25;

    /**
     * @param  Money  $change  one change of all filters
     * @param  float  $changes  of all filters within the span, not rounded
     * @param  Money  $filters  all changes within the span
     * @param  float  $energy  kWh over the span
     */
    private function __construct(
        public Economy $economy,
        public Money $first,
        public Money $change,
        public float $changes,
        public Money $filters,
        public float $energy,
        public Money $energyCost,
        public Money $total,
    ) {
    }

    /**
     * @param  float  $watts  of all units at the speed they run at
     * @param  float|null  $changes  of all filters within the span; null for as many as the settings say
     */
    public static function of(ShoppingList $list, float $watts, Economy $economy, ?float $changes = null): self
    {
        return self::from($list->firstCost(), $list->changeCost(), $watts, $economy, $changes);
    }

    /** @param  float|null  $changes  as above */
    public static function from(Money $first, Money $change, float $watts, Economy $economy, ?float $changes = null): self
    {
        return self::over($first, $change, $changes ?? (float) $economy->changes, $watts, $economy);
    }

    /** How long its filters last, months; null where they are never changed or differ from part to part. */
    public function lastsMonths(): ?float
    {
        return is_nan($this->changes) ? null : FilterLife::months($this->changes, $this->economy);
    }

    /**
     * Of purifiers that were bought: their filters last as long as their maker says, not as long as the settings say.
     *
     * @param  int  $count  1 or more
     */
    public static function ofBought(BoughtPurifier $purifier, int $count, Economy $economy): self
    {
        $of = fn (?Money $price): Money => ($price ?? Money::none())->times($count);

        return self::over($of($purifier->price), $of($purifier->refill), (float) $purifier->refills($economy->years), $count * ($purifier->watts ?? 0.0), $economy);
    }

    /** Both together. */
    public function plus(self $other): self
    {
        return new self(
            $this->economy, $this->first->plus($other->first), $this->change->plus($other->change), $this->changes === $other->changes ? $this->changes : NAN, $this->filters->plus($other->filters),
            $this->energy + $other->energy, $this->energyCost->plus($other->energyCost), $this->total->plus($other->total),
        );
    }

    private static function over(Money $first, Money $change, float $changes, float $watts, Economy $economy): self
    {
        $energy = $watts / 1000.0 * $economy->hoursPerDay * self::DAYS_IN_A_YEAR * $economy->years;
        $energyCost = Money::rounded($economy->tariff->multipliedBy(BigDecimal::of(sprintf('%.6f', $energy))));
        $filters = Money::ofHundredths((int) round($change->hundredths * $changes));

        return new self($economy, $first, $change, $changes, $filters, $energy, $energyCost, $first->plus($filters)->plus($energyCost));
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
    public function perYear(): Money
    {
        return $this->total->over($this->economy->years);
    }
}
