<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Brick\Math\BigDecimal;

/** What running costs rest on: the user's tariff and habits. */
final readonly class Economy
{
    /**
     * @param  BigDecimal  $tariff  money for a kilowatt hour
     * @param  float  $hoursPerDay  0 to 24
     * @param  float  $years  span that is compared
     * @param  int  $changes  of filters within the span
     */
    private function __construct(public BigDecimal $tariff, public float $hoursPerDay, public float $years, public int $changes)
    {
    }

    /**
     * @throws OutOfBounds
     */
    public static function of(BigDecimal $tariff, float $hoursPerDay = 8.0, float $years = 2.0, int $changes = 4): self
    {
        OutOfBounds::unlessBetween('economy.tariff', $tariff->toFloat(), 0.0, 100.0);
        OutOfBounds::unlessBetween('economy.hours_per_day', $hoursPerDay, 0.0, 24.0);
        OutOfBounds::unlessBetween('economy.years', $years, 0.1, 20.0);
        OutOfBounds::unlessBetween('economy.changes', (float) $changes, 0.0, 200.0);

        return new self($tariff, $hoursPerDay, $years, $changes);
    }

    /** As it is told: `2 years`. */
    public function spanTold(): string
    {
        return sprintf('%g years', $this->years);
    }

    /**
     * With what goes on within it: `2 years, 2.7 changes, 8 h a day`.
     *
     * @param  float  $changes  of all filters; not a number where they differ from unit to unit
     */
    public function told(float $changes): string
    {
        return sprintf(is_nan($changes) ? '%1$g years, %3$g h a day' : '%1$g years, %2$g changes, %3$g h a day', $this->years, round($changes, 1), $this->hoursPerDay);
    }

    /** Two years, four changes of filters (common practice, no source), eight hours a day, energy not counted. */
    public static function withoutEnergy(): self
    {
        return self::of(BigDecimal::zero());
    }
}
