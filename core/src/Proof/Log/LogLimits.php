<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

use Jornel\Core\Proof\Decay\ParticleSeries;

/** What a log may hold: readings that a meter can tell, at times that can be told apart. */
final class LogLimits
{
    /** What a meter can tell, in its unit: from as far below nothing as one that drifts, to a hundredth of the air. */
    public const RANGE = [-10_000.0, 10_000_000.0];

    /** Longest log, s: a year. */
    public const LONGEST = 366.0 * 86400.0;

    /** Readings nearer to each other than this are not told apart where logs are kept, s. */
    public const NEAREST = 0.001;

    /** Whether a reading is one that a meter can tell. */
    public static function isPlausible(float $value): bool
    {
        return $value >= self::RANGE[0] && $value <= self::RANGE[1];
    }

    /** Whether two times are the same where logs are kept. */
    public static function areSameTime(float $one, float $other): bool
    {
        return (int) round($one / self::NEAREST) === (int) round($other / self::NEAREST);
    }

    /** Place of the first reading that cannot be kept as it is, from 0; null where all can. */
    public static function firstFault(ParticleSeries $series): ?int
    {
        $before = -INF;
        foreach ($series->times as $place => $time) {
            $isApart = $time >= 0.0 && $time <= self::LONGEST && $time > $before && ($place === 0 || ! self::areSameTime($time, $before));
            if (! $isApart || ! self::isPlausible($series->values[$place])) {
                return $place;
            }
            $before = $time;
        }

        return null;
    }
}
