<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** The standard normal distribution. */
final class Normal
{
    /** Coefficients of numerator and denominator of a rational approximation, the highest power first. */
    private const ABOVE = [3.52624965998911e-2, 0.700383064443688, 6.37396220353165, 33.912866078383, 112.079291497871, 221.213596169931, 220.206867912376];

    private const BELOW = [8.83883476483184e-2, 1.75566716318264, 16.064177579207, 86.7807322029461, 296.564248779674, 637.333633378831, 793.826512519948, 440.413735824752];

    /** Beyond it a continued fraction is used. */
    private const TAIL = 7.07106781186547;

    /**
     * Probability of a value below x.
     *
     * Source: Hart, Computer Approximations (1968), as given by West, "Better approximations to cumulative normal functions",
     * Wilmott Magazine (2005) (from memory; checked against scipy).
     */
    public static function below(float $x): float
    {
        $z = abs($x);
        if ($z > 37.0) {
            return $x > 0.0 ? 1.0 : 0.0;
        }
        $density = exp(-$z * $z / 2.0);
        $tail = $z < self::TAIL
            ? $density * self::polynomial(self::ABOVE, $z) / self::polynomial(self::BELOW, $z)
            : $density / ($z + 1.0 / ($z + 2.0 / ($z + 3.0 / ($z + 4.0 / ($z + 0.65))))) / sqrt(2.0 * M_PI);

        return $x > 0.0 ? 1.0 - $tail : $tail;
    }

    /**
     * The inverse: the value below which there is a probability.
     *
     * @param  float  $probability  above 0, below 1
     */
    public static function quantile(float $probability): float
    {
        return BracketedRoot::find(fn (float $x): float => self::below($x) - $probability, -38.0, 38.0);
    }

    /** @param  non-empty-list<float>  $coefficients */
    private static function polynomial(array $coefficients, float $x): float
    {
        $sum = 0.0;
        foreach ($coefficients as $coefficient) {
            $sum = $sum * $x + $coefficient;
        }

        return $sum;
    }
}
