<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

use Closure;

/**
 * Where something that falls with x meets something that rises with it from nothing, x above 0: a fan and what it works
 * against.
 *
 * Method: inverse quadratic interpolation (Brent, "Algorithms for Minimization without Derivatives", 1973, chapter 4) of
 * the logarithm of x over that of the ratio of the two, because flows through filters and leaks go nearly with a power of
 * the pressure; bisection where a step would leave the bracket.
 */
final class Crossing
{
    private const MOST_STEPS = 200;

    /** A step of the interpolation that is no longer, as a share of x, leaves nothing that floating point would tell ... */
    private const SHORT = 1e-9;

    /** ... where the two are as near to each other as this, as a share: they are not yet where one of them is very steep. */
    private const NEAR = 1e-6;

    /** Every so many steps the bracket is halved, so that an end comes whatever the two look like. */
    private const HALVED = 12;

    /** About how fast the logarithm of the ratio falls with that of x near nothing; it serves the first step. */
    private const FALL = 0.8;

    /**
     * @param  Closure(float): float  $ratio  of what falls over what rises, zero or more
     * @param  float  $most  at which what falls is zero, above 0
     * @param  float  $guess  above 0 and below the most; it changes the time alone
     */
    public static function find(Closure $ratio, float $most, float $guess): float
    {
        [$low, $high, $x] = [0.0, $most, $guess];
        $second = $third = null;
        $secondLog = $thirdLog = 0.0;
        for ($step = 1; $step <= self::MOST_STEPS; $step++) {
            $over = $ratio($x);
            if ($over > 1.0) {
                $low = $x;
            } elseif ($over < 1.0) {
                $high = $x;
            } else {
                return $x;
            }
            $next = NAN;
            if ($over > 0.0 && $over < INF) {
                $log = log($x);
                $first = log($over);
                $next = exp($log + match (true) {
                    $second === null => $first * (1.0 - $x / $most) / self::FALL,
                    $first === $second => 0.0,
                    $third === null || $third === $first || $third === $second => $first * ($log - $secondLog) / ($second - $first),
                    default => $first / ($second - $third) * ($third * ($secondLog - $log) / ($second - $first) - $second * ($thirdLog - $log) / ($third - $first)),
                });
                [$third, $thirdLog, $second, $secondLog] = [$second, $secondLog, $first, $log];
            }
            $isWithin = $next > $low && $next < $high;
            if (abs($next - $x) <= self::SHORT * $x && abs($over - 1.0) <= self::NEAR) {
                return $isWithin ? $next : $x;
            }
            if (! $isWithin || $step % self::HALVED === 0) {
                $next = 0.5 * ($low + $high);
                if ($next <= $low || $next >= $high) {
                    return $x;
                }
            }
            $x = $next;
        }

        return $x;
    }
}
