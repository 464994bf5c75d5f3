<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

use Closure;

/**
 * Root of a continuous function between two points where its sign differs.
 *
 * Method: Chandrupatla, "A new hybrid quadratic/bisection algorithm for finding the zero of a nonlinear function
 * without using derivatives", Advances in Engineering Software 28 (1997): inverse quadratic interpolation where it
 * is safe, bisection where it is not, so that it never leaves the bracket.
 */
final class BracketedRoot
{
    private const MOST_STEPS = 200;

    /**
     * Searches until the bracket is as narrow as floating point allows at the root, or the function is zero there.
     *
     * @param  Closure(float): float  $f
     *
     * @throws NoSignChange when f has the same sign at both ends
     */
    public static function find(Closure $f, float $low, float $high): float
    {
        $a = $low;
        $b = $high;
        $fa = $f($a);
        $fb = $f($b);
        if ($fa === 0.0) {
            return $a;
        }
        if ($fb === 0.0) {
            return $b;
        }
        if (($fa > 0.0) === ($fb > 0.0)) {
            throw NoSignChange::between($low, $high);
        }

        $share = 0.5;
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $x = $a + $share * ($b - $a);
            $fx = $f($x);
            if (($fx > 0.0) === ($fa > 0.0)) {
                $c = $a;
                $fc = $fa;
            } else {
                $c = $b;
                $fc = $fb;
                $b = $a;
                $fb = $fa;
            }
            $a = $x;
            $fa = $fx;

            $bestIsA = abs($fa) < abs($fb);
            $best = $bestIsA ? $a : $b;
            if (($bestIsA ? $fa : $fb) === 0.0) {
                return $best;
            }
            $tolerance = 2.0 * PHP_FLOAT_EPSILON * abs($best) + 1e-300;
            $least = $tolerance / abs($b - $a);
            if ($least > 0.5) {
                return $best;
            }

            $xi = ($a - $b) / ($c - $b);
            $phi = ($fa - $fb) / ($fc - $fb);
            $share = $phi * $phi < $xi && (1.0 - $phi) * (1.0 - $phi) < 1.0 - $xi
                ? $fa / ($fb - $fa) * $fc / ($fb - $fc) + ($c - $a) / ($b - $a) * $fa / ($fc - $fa) * $fb / ($fc - $fb)
                : 0.5;
            $share = min(1.0 - $least, max($least, $share));
        }

        return abs($fa) < abs($fb) ? $a : $b;
    }
}
