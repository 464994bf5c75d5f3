<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** Student's t distribution, for intervals of figures whose scatter is found from the same few readings. */
final class StudentT
{
    private const MOST_TERMS = 500;

    /**
     * Half width of a two-sided interval, in standard errors.
     *
     * @param  float  $covers  share that the interval is to cover, above 0, below 1
     * @param  int  $degrees  of freedom, 1 or more
     */
    public static function twoSided(float $covers, int $degrees): float
    {
        /** @var array<string, float> $known */
        static $known = [];

        return $known["{$covers} {$degrees}"] ??= self::solved($covers, $degrees);
    }

    private static function solved(float $covers, int $degrees): float
    {
        return exp(BracketedRoot::find(fn (float $logT): float => self::beyond(exp($logT), $degrees) - (1.0 - $covers), -20.0, 45.0));
    }

    /**
     * Chance that |t| is greater: I_x(n/2, 1/2) with x = n / (n + t2).
     *
     * Source: Abramowitz and Stegun, "Handbook of Mathematical Functions", 26.7.1 and 26.5.27.
     */
    public static function beyond(float $t, int $degrees): float
    {
        return self::incompleteBeta($degrees / ($degrees + $t * $t), $degrees / 2.0, 0.5);
    }

    /**
     * Regularized incomplete beta function I_x(a, b), by its continued fraction evaluated as Lentz does.
     *
     * Source: NIST Digital Library of Mathematical Functions, 8.17.22.
     *
     * @param  float  $x  0 to 1
     * @param  float  $a  above 0
     * @param  float  $b  above 0
     */
    public static function incompleteBeta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        if ($x > ($a + 1.0) / ($a + $b + 2.0)) {
            return 1.0 - self::incompleteBeta(1.0 - $x, $b, $a);
        }
        $front = exp(self::lnGamma($a + $b) - self::lnGamma($a) - self::lnGamma($b) + $a * log($x) + $b * log1p(-$x)) / $a;
        $value = $c = 1.0;
        $d = 0.0;
        for ($term = 0; $term <= self::MOST_TERMS; $term++) {
            $m = intdiv($term, 2);
            $numerator = match (true) {
                $term === 0 => 1.0,
                $term % 2 === 0 => $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)),
                default => -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1)),
            };
            $d = 1.0 / self::awayFromZero(1.0 + $numerator * $d);
            $c = self::awayFromZero(1.0 + $numerator / $c);
            $value *= $c * $d;
            if (abs(1.0 - $c * $d) < 1e-15) {
                break;
            }
        }

        return $front * ($value - 1.0);
    }

    /**
     * Logarithm of the gamma function by the approximation of Lanczos with g = 7 and nine terms, good to 1e-14.
     *
     * @param  float  $x  above 0
     */
    public static function lnGamma(float $x): float
    {
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::lnGamma(1.0 - $x);
        }
        $x -= 1.0;
        $sum = 0.99999999999980993;
        foreach ([676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7] as $i => $term) {
            $sum += $term / ($x + $i + 1.0);
        }
        $t = $x + 7.5;

        return 0.5 * log(2.0 * M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }

    private static function awayFromZero(float $value): float
    {
        return abs($value) < 1e-300 ? 1e-300 : $value;
    }
}
