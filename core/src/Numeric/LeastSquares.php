<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** Unweighted linear least squares with two coefficients that may not be negative. */
final class LeastSquares
{
    /**
     * Coefficients a, b >= 0 that make the sum of (a f + b g - y)2 least.
     *
     * By the normal equations; where one coefficient comes out negative it is set to 0 and the other refitted, and the
     * better of the two is kept, which is the least over both (Lawson and Hanson, "Solving Least Squares Problems", 1974).
     *
     * @param  non-empty-list<array{float, float, float}>  $rows  f, g, y; f and g not negative, not all zero
     * @return array{float, float} a, b
     */
    public static function twoNonNegative(array $rows): array
    {
        $ff = $fg = $gg = $fy = $gy = 0.0;
        foreach ($rows as [$f, $g, $y]) {
            $ff += $f * $f;
            $fg += $f * $g;
            $gg += $g * $g;
            $fy += $f * $y;
            $gy += $g * $y;
        }
        $determinant = $ff * $gg - $fg * $fg;
        if ($determinant > 1e-12 * $ff * $gg) {
            $a = ($fy * $gg - $gy * $fg) / $determinant;
            $b = ($gy * $ff - $fy * $fg) / $determinant;
            if ($a >= 0.0 && $b >= 0.0) {
                return [$a, $b];
            }
        }
        $onlyA = [$ff > 0.0 ? max(0.0, $fy / $ff) : 0.0, 0.0];
        $onlyB = [0.0, $gg > 0.0 ? max(0.0, $gy / $gg) : 0.0];

        return self::rest($rows, $onlyA) <= self::rest($rows, $onlyB) ? $onlyA : $onlyB;
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $rows
     * @param  array{float, float}  $coefficients
     */
    private static function rest(array $rows, array $coefficients): float
    {
        return array_sum(array_map(fn (array $row): float => ($coefficients[0] * $row[0] + $coefficients[1] * $row[1] - $row[2]) ** 2, $rows));
    }
}
