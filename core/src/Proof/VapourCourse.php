<?php

declare(strict_types=1);

namespace Jornel\Core\Proof;

use Jornel\Core\Proof\Decay\ParticleSeries;

/** Level of a vapour before carbon was used, at its peak and after; nobody can forecast how long carbon lasts, so it is tested again. */
final readonly class VapourCourse
{
    /** Share of a log at either end whose median is the level before and after. */
    private const ENDS = 0.1;

    /**
     * @param  float  $before  in the unit of the log
     * @param  float  $minutes  from the peak to the end
     */
    private function __construct(public float $before, public float $peak, public float $after, public float $minutes)
    {
    }

    /** @param  ParticleSeries  $series  three readings or more */
    public static function of(ParticleSeries $series): self
    {
        $smooth = $series->medians();
        if ($smooth === []) {
            return new self(0.0, 0.0, 0.0, 0.0);
        }
        $peak = array_keys($smooth, max($smooth), true)[0];
        $count = max(1, (int) round(self::ENDS * count($smooth)));

        return new self(
            self::median(array_slice($smooth, 0, min($count, max(1, $peak)))), $smooth[$peak], self::median(array_slice($smooth, -$count)),
            ($series->times[$series->count() - 1] - $series->times[$peak]) / 60.0,
        );
    }

    /** Share of what came above the level before that is gone; null where nothing came. */
    public function gone(): ?float
    {
        $rise = $this->peak - $this->before;

        return $rise > 0.0 ? ($this->peak - $this->after) / $rise : null;
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)] ?? 0.0;
    }
}
