<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** A small symmetric positive definite matrix, as normal equations and covariances are. */
final class SymmetricMatrix
{
    /**
     * Inverse by the factors of Cholesky, scaled to ones on the diagonal first so that figures of any size go together.
     *
     * @param  non-empty-list<non-empty-array<int, float>>  $matrix  square
     * @return non-empty-list<non-empty-list<float>>|null null where it is singular, to rounding
     */
    public static function inverse(array $matrix): ?array
    {
        $count = count($matrix);
        $scale = [];
        foreach ($matrix as $i => $row) {
            if (! ($row[$i] > 0.0) || is_infinite($row[$i])) {
                return null;
            }
            $scale[] = 1.0 / sqrt($row[$i]);
        }
        $lower = [];
        for ($i = 0; $i < $count; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $sum = $matrix[$i][$j] * $scale[$i] * $scale[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                if ($i === $j && ! ($sum > 1e-13)) {
                    return null;
                }
                $lower[$i][$j] = $i === $j ? sqrt($sum) : $sum / $lower[$j][$j];
            }
        }
        $inverse = [];
        for ($column = 0; $column < $count; $column++) {
            $y = [];
            for ($i = 0; $i < $count; $i++) {
                $sum = $i === $column ? 1.0 : 0.0;
                for ($k = 0; $k < $i; $k++) {
                    $sum -= $lower[$i][$k] * $y[$k];
                }
                $y[$i] = $sum / $lower[$i][$i];
            }
            $x = array_fill(0, $count, 0.0);
            for ($i = $count - 1; $i >= 0; $i--) {
                $sum = $y[$i];
                for ($k = $i + 1; $k < $count; $k++) {
                    $sum -= $lower[$k][$i] * $x[$k];
                }
                $x[$i] = $sum / $lower[$i][$i];
            }
            $inverse[] = array_map(fn (float $value, int $i): float => $value * $scale[$i] * $scale[$column], $x, array_keys($x));
        }

        return $inverse;
    }
}
