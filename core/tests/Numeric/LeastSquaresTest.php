<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Jornel\Core\Numeric\LeastSquares;
use PHPUnit\Framework\TestCase;

final class LeastSquaresTest extends TestCase
{
    public function test_exact_points_give_their_law_back(): void
    {
        // y = 36 v + 8 v2.
        $rows = array_map(fn (float $v): array => [$v, $v * $v, 36.0 * $v + 8.0 * $v * $v], [0.4, 1.0, 1.5, 2.5]);

        self::assertEqualsWithDelta([36.0, 8.0], LeastSquares::twoNonNegative($rows), 1e-10);
    }

    public function test_the_fit_of_scattered_points_worked_by_hand(): void
    {
        // f = 1, 1, 1; g = 0, 1, 2; y = 1, 2, 4: the line 5/6 + 3/2 g.
        self::assertEqualsWithDelta([5.0 / 6.0, 1.5], LeastSquares::twoNonNegative([[1.0, 0.0, 1.0], [1.0, 1.0, 2.0], [1.0, 2.0, 4.0]]), 1e-12);
    }

    public function test_a_negative_coefficient_is_set_to_zero_and_the_other_refitted(): void
    {
        // Bending the other way: free fit has b < 0; the best line through zero is sum(v y) / sum(v2).
        $rows = array_map(fn (float $v): array => [$v, $v * $v, 40.0 * $v - 6.0 * $v * $v], [0.5, 1.0, 2.0]);
        [$a, $b] = LeastSquares::twoNonNegative($rows);

        self::assertSame(0.0, $b);
        self::assertEqualsWithDelta((0.5 * 18.5 + 1.0 * 34.0 + 2.0 * 56.0) / 5.25, $a, 1e-12);
    }

    public function test_a_single_point_is_fitted_by_one_coefficient(): void
    {
        [$a, $b] = LeastSquares::twoNonNegative([[2.0, 4.0, 10.0]]);

        self::assertEqualsWithDelta(10.0, 2.0 * $a + 4.0 * $b, 1e-12);
        self::assertContains(0.0, [$a, $b]);
    }

    public function test_what_is_all_negative_fits_nothing(): void
    {
        self::assertSame([0.0, 0.0], LeastSquares::twoNonNegative([[1.0, 1.0, -3.0], [2.0, 4.0, -5.0]]));
    }
}
