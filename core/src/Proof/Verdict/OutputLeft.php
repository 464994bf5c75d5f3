<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

use Jornel\Core\Quantity\Interval;

/** The same room cleared before and after months of use: what is left of the output. */
final class OutputLeft
{
    /**
     * Ratio of two rates, or outputs, each with its interval; the intervals combine as relative half widths.
     *
     * @param  Interval  $then  above 0
     * @return Interval share that is left
     */
    public static function of(Interval $then, Interval $now): Interval
    {
        $ratio = $now->value / $then->value;

        return Interval::around($ratio, abs($ratio) * hypot($then->half() / $then->value, $now->half() / max(1e-12, abs($now->value))));
    }

    /** @return Interval by which the time to clear has grown: the inverse */
    public static function timeRatio(Interval $then, Interval $now): Interval
    {
        return self::of($then, $now)->through(fn (float $left): float => 1.0 / max(1e-6, $left));
    }
}
