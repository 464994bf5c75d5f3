<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/**
 * exp(A) of a square matrix.
 *
 * Method: scaling and squaring with the [13/13] Padé approximant, Higham, "The scaling and squaring method for the matrix
 * exponential revisited", SIAM Journal on Matrix Analysis and Applications 26 (2005).
 */
final class MatrixExponential
{
    /** Norm up to which the approximant is exact to rounding. */
    private const THETA = 5.371920351148152;

    private const PADE = [
        64764752532480000.0, 32382376266240000.0, 7771770303897600.0, 1187353796428800.0, 129060195264000.0, 10559470521600.0,
        670442572800.0, 33522128640.0, 1323241920.0, 40840800.0, 960960.0, 16380.0, 182.0, 1.0,
    ];

    /**
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @return non-empty-list<non-empty-list<float>>
     */
    public static function of(array $a): array
    {
        $norm = self::norm($a);
        $squarings = $norm > self::THETA ? (int) ceil(log($norm / self::THETA, 2)) : 0;
        $a = self::scaled($a, 2.0 ** -$squarings);
        $b = self::PADE;
        $one = self::identity(count($a));
        $a2 = self::times($a, $a);
        $a4 = self::times($a2, $a2);
        $a6 = self::times($a4, $a2);
        $odd = self::times($a, self::plus(
            self::times($a6, self::sum([[$b[13], $a6], [$b[11], $a4], [$b[9], $a2]])),
            self::sum([[$b[7], $a6], [$b[5], $a4], [$b[3], $a2], [$b[1], $one]]),
        ));
        $even = self::plus(
            self::times($a6, self::sum([[$b[12], $a6], [$b[10], $a4], [$b[8], $a2]])),
            self::sum([[$b[6], $a6], [$b[4], $a4], [$b[2], $a2], [$b[0], $one]]),
        );
        $result = self::solve(self::sum([[1.0, $even], [-1.0, $odd]]), self::plus($even, $odd));
        for ($i = 0; $i < $squarings; $i++) {
            $result = self::times($result, $result);
        }

        return $result;
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @param  non-empty-list<non-empty-list<float>>  $b
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function times(array $a, array $b): array
    {
        $columns = array_map(null, ...$b);
        if (count($b) === 1) {
            $columns = array_map(fn (float $value): array => [$value], $b[0]);
        }
        $product = [];
        foreach ($a as $row) {
            $line = [];
            foreach ($columns as $column) {
                $sum = 0.0;
                foreach ($row as $k => $value) {
                    $sum += $value * $column[$k];
                }
                $line[] = $sum;
            }
            $product[] = $line;
        }

        return $product;
    }

    /**
     * @param  non-empty-list<array{float, non-empty-list<non-empty-list<float>>}>  $terms
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function sum(array $terms): array
    {
        [$factor, $first] = array_shift($terms);
        $sum = self::scaled($first, $factor);
        foreach ($terms as [$factor, $matrix]) {
            $sum = self::plus($sum, self::scaled($matrix, $factor));
        }

        return $sum;
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @param  non-empty-list<non-empty-list<float>>  $b
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function plus(array $a, array $b): array
    {
        return array_map(fn (array $left, array $right): array => array_map(fn (float $x, float $y): float => $x + $y, $left, $right), $a, $b);
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function scaled(array $a, float $factor): array
    {
        return array_map(fn (array $row): array => array_map(fn (float $value): float => $value * $factor, $row), $a);
    }

    /** @return non-empty-list<non-empty-list<float>> */
    private static function identity(int $size): array
    {
        return array_map(fn (int $i): array => array_map(fn (int $j): float => $i === $j ? 1.0 : 0.0, range(0, $size - 1)), range(0, $size - 1));
    }

    /**
     * Largest column sum.
     *
     * @param  non-empty-list<non-empty-list<float>>  $a
     */
    private static function norm(array $a): float
    {
        $sums = array_fill(0, count($a), 0.0);
        foreach ($a as $row) {
            foreach ($row as $j => $value) {
                $sums[$j] += abs($value);
            }
        }

        return max($sums);
    }

    /**
     * X of A X = B, by elimination with partial pivoting.
     *
     * @param  non-empty-list<non-empty-list<float>>  $a
     * @param  non-empty-list<non-empty-list<float>>  $b
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function solve(array $a, array $b): array
    {
        $size = count($a);
        for ($k = 0; $k < $size; $k++) {
            $pivot = $k;
            for ($i = $k + 1; $i < $size; $i++) {
                if (abs($a[$i][$k]) > abs($a[$pivot][$k])) {
                    $pivot = $i;
                }
            }
            [$a[$k], $a[$pivot]] = [$a[$pivot], $a[$k]];
            [$b[$k], $b[$pivot]] = [$b[$pivot], $b[$k]];
            for ($i = 0; $i < $size; $i++) {
                if ($i === $k) {
                    continue;
                }
                $factor = $a[$i][$k] / $a[$k][$k];
                for ($j = $k; $j < $size; $j++) {
                    $a[$i][$j] -= $factor * $a[$k][$j];
                }
                foreach ($b[$k] as $j => $value) {
                    $b[$i][$j] -= $factor * $value;
                }
            }
        }

        return array_map(fn (array $row, int $i): array => array_values(array_map(fn (float $value): float => $value / $a[$i][$i], $row)), $b, array_keys($b));
    }
}
