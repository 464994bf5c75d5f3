<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Design;

/**
 * How often the filters of a build are changed: the number of changes of the settings is that of the ordinary cube (four
 * 20 x 20 x 1 economy filters of grade 13 on a plain box fan, shroud, top speed). A build that cleans more air for each gram
 * that its filters hold is changed more often, one that cleans less is changed less often: changes = setting x (clean air /
 * dust capacity) / the same of the ordinary cube (assumed, until a forecast takes its place).
 */
final readonly class FilterLife
{
    /** Clean air of the ordinary cube over the dust capacity of its filters by bin, in reference air, m3/s for a kg (FilterLifeTest holds it to the catalogue). */
    public const ORDINARY = [2.1486779517737378, 2.5085394270853776, 2.5124313176553215];

    private const MONTHS_IN_A_YEAR = 12.0;

    private const WEEKS_IN_A_MONTH = 4.348;

    private float $ordinary;

    /** @param  PerBin  $weights  of what is in the air that they clean */
    private function __construct(private PerBin $weights)
    {
        $this->ordinary = $weights->times(PerBin::of(self::ORDINARY))->sum();
    }

    public static function in(Pollutant $pollutant): self
    {
        return new self($pollutant->weights);
    }

    /** In the finest smoke, where nothing is said of the air. */
    public static function inSmoke(): self
    {
        return new self(PerBin::of([1.0, 0.0, 0.0]));
    }

    /**
     * Changes within the span that is compared, not rounded.
     *
     * @param  PerBin  $clean  air of one unit, m3/s
     */
    public function changes(PerBin $clean, Design $design, Economy $economy): float
    {
        return $this->changesOf($this->weights->times($clean)->sum(), self::capacity($design), $economy);
    }

    /**
     * The same.
     *
     * @param  float  $clean  air of one unit, m3/s
     * @param  float|null  $capacity  of all its filters, kg; null where it is not known, so that the setting holds
     */
    public function changesOf(float $clean, ?float $capacity, Economy $economy): float
    {
        return $capacity === null || $this->ordinary <= 0.0 ? (float) $economy->changes : $economy->changes * $clean / $capacity / $this->ordinary;
    }

    /**
     * How long the filters last.
     *
     * @param  float  $changes  within the span
     * @return float|null months; null where they are never changed
     */
    public static function months(float $changes, Economy $economy): ?float
    {
        return $changes > 0.0 ? self::MONTHS_IN_A_YEAR * $economy->years / $changes : null;
    }

    /**
     * The same as it is told: `3 weeks`, `9 months`, `3.5 years`.
     *
     * @param  float|null  $months  null where they are never changed
     */
    public static function told(?float $months): ?string
    {
        return match (true) {
            $months === null => null,
            $months < 2.0 => ($weeks = (int) max(1.0, round($months * self::WEEKS_IN_A_MONTH))) === 1 ? '1 week' : "{$weeks} weeks",
            $months < 3.0 * self::MONTHS_IN_A_YEAR => sprintf('%d months', (int) round($months)),
            default => sprintf('%g years', round($months / self::MONTHS_IN_A_YEAR, 1)),
        };
    }

    /**
     * Dust that all filters of a unit hold, pre-filters among them.
     *
     * @return float|null kg of fine test dust; null where that of some is not known
     */
    public static function capacity(Design $design): ?float
    {
        return self::capacityOf($design->shape->filterCount($design), $design->filter, $design->prefilter);
    }

    /**
     * The same.
     *
     * @param  int  $count  of filters in a unit
     * @return float|null  kg
     */
    public static function capacityOf(int $count, Filter $filter, ?Filter $prefilter): ?float
    {
        $sum = 0.0;
        foreach ([$filter, $prefilter] as $one) {
            if ($one !== null) {
                $sum += $one->loading === null ? NAN : $count * $one->loading->capacity;
            }
        }

        return is_nan($sum) ? null : $sum;
    }
}
