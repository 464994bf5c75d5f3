<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Jornel\Core\Numeric\MatrixExponential;
use PHPUnit\Framework\TestCase;

final class MatrixExponentialTest extends TestCase
{
    public function test_a_number_is_its_own_exponential(): void
    {
        self::assertEqualsWithDelta(exp(-3.2), MatrixExponential::of([[-3.2]])[0][0], 1e-16);
    }

    public function test_a_diagonal_is_taken_number_by_number(): void
    {
        $result = MatrixExponential::of([[-1.0, 0.0, 0.0], [0.0, 2.0, 0.0], [0.0, 0.0, -40.0]]);

        self::assertEqualsWithDelta(exp(2.0), $result[1][1], 1e-13);
        self::assertEqualsWithDelta(exp(-40.0), $result[2][2], 1e-28);
        self::assertEqualsWithDelta(0.0, $result[0][1], 1e-15);
    }

    public function test_a_rotation(): void
    {
        // exp([[0, -t], [t, 0]]) = [[cos t, -sin t], [sin t, cos t]].
        foreach ([0.1, 1.0, 7.0] as $t) {
            self::assertEqualsWithDelta([[cos($t), -sin($t)], [sin($t), cos($t)]], MatrixExponential::of([[0.0, -$t], [$t, 0.0]]), 1e-12);
        }
    }

    public function test_a_nilpotent_matrix(): void
    {
        self::assertEqualsWithDelta([[1.0, 2.0, 3.5], [0.0, 1.0, 1.5], [0.0, 0.0, 1.0]], MatrixExponential::of([[0.0, 2.0, 2.0], [0.0, 0.0, 1.5], [0.0, 0.0, 0.0]]), 1e-14);
    }

    public function test_rooms_that_only_exchange_air_keep_what_is_in_them(): void
    {
        // Columns sum to zero: nothing is lost between three rooms, so columns of the exponential sum to one.
        foreach ([0.01, 1.0, 60.0] as $hours) {
            $result = MatrixExponential::of(array_map(fn (array $row): array => array_map(fn (float $rate): float => $rate * $hours, $row), [[-2.0, 0.5, 0.1], [1.5, -0.7, 0.9], [0.5, 0.2, -1.0]]));
            foreach ([0, 1, 2] as $column) {
                self::assertEqualsWithDelta(1.0, array_sum(array_column($result, $column)), 1e-12);
            }
        }
    }
}
