<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Quantity\Interval;

/** What a unit adds to the rate at which a room clears. */
final class CleanAirByDecay
{
    /**
     * CADR = V (K_on - K_off), half width V sqrt(h_on^2 + h_off^2). Of several runs alike the rates count by how sure they are, and
     * their scatter widens the interval where it is more than their own intervals say.
     *
     * @param  float  $volume  of the room, m3, above 0
     * @param  non-empty-list<Interval>  $on  rates with the unit, 1/s
     * @param  non-empty-list<Interval>  $off  rates without it, 1/s
     * @return Interval m3/s
     */
    public static function of(float $volume, array $on, array $off): Interval
    {
        [$with, $without] = [self::together($on), self::together($off)];

        return Interval::around($volume * ($with->value - $without->value), $volume * hypot($with->half(), $without->half()));
    }

    /**
     * Several measurements of the same, weighted by the inverse square of their half widths; widened by the ratio of Birge where
     * they differ by more than those say.
     *
     * Source: Birge, "The calculation of errors by the method of least squares", Physical Review 40 (1932).
     *
     * @param  non-empty-list<Interval>  $intervals  of half width above 0
     */
    public static function together(array $intervals): Interval
    {
        if (count($intervals) === 1) {
            return $intervals[0];
        }
        $weights = array_map(fn (Interval $one): float => 1.0 / max(1e-300, $one->half() ** 2), $intervals);
        $sum = array_sum($weights);
        $mean = array_sum(array_map(fn (Interval $one, float $weight): float => $one->value * $weight, $intervals, $weights)) / $sum;
        $scatter = array_sum(array_map(fn (Interval $one, float $weight): float => $weight * (($one->value - $mean) * Interval::REACH) ** 2, $intervals, $weights)) / (count($intervals) - 1);

        return Interval::around($mean, sqrt(max(1.0, $scatter) / $sum));
    }
}
