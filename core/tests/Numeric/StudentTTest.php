<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Jornel\Core\Numeric\StudentT;
use Jornel\Core\Numeric\SymmetricMatrix;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StudentTTest extends TestCase
{
    /** Source: table of Student's t, two-sided 95 %, in any statistics text (NIST/SEMATECH e-Handbook, 1.3.6.7.2). */
    #[TestWith([1, 12.706])]
    #[TestWith([2, 4.303])]
    #[TestWith([5, 2.571])]
    #[TestWith([10, 2.228])]
    #[TestWith([24, 2.064])]
    #[TestWith([100, 1.984])]
    public function test_quantiles_are_those_of_the_table(int $degrees, float $table): void
    {
        self::assertEqualsWithDelta($table, StudentT::twoSided(0.95, $degrees), 0.0005);
    }

    public function test_with_many_readings_it_is_the_normal_distribution(): void
    {
        self::assertEqualsWithDelta(1.959964, StudentT::twoSided(0.95, 10_000_000), 1e-6);
    }

    /** Source: Abramowitz and Stegun 6.1.41: gamma(1/2) = sqrt(pi); factorials. */
    public function test_the_logarithm_of_the_gamma_function(): void
    {
        self::assertEqualsWithDelta(log(sqrt(M_PI)), StudentT::lnGamma(0.5), 1e-13);
        self::assertEqualsWithDelta(log(24.0), StudentT::lnGamma(5.0), 1e-13);
        // Reflection: gamma(1/4) gamma(3/4) = pi sqrt 2.
        self::assertEqualsWithDelta(log(M_PI * M_SQRT2), StudentT::lnGamma(0.25) + StudentT::lnGamma(0.75), 1e-13);
    }

    public function test_an_inverse_undoes_its_matrix_and_a_singular_one_has_none(): void
    {
        $matrix = [[4e6, 2e3, 1.0], [2e3, 5.0, 1e-3], [1.0, 1e-3, 1e-5]];
        $inverse = SymmetricMatrix::inverse($matrix);
        self::assertNotNull($inverse);
        foreach ($matrix as $i => $row) {
            foreach ([0, 1, 2] as $j) {
                self::assertEqualsWithDelta($i === $j ? 1.0 : 0.0, array_sum(array_map(fn (float $value, array $other): float => $value * $other[$j], $row, $inverse)), 1e-6);
            }
        }

        self::assertNull(SymmetricMatrix::inverse([[1.0, 2.0], [2.0, 4.0]]));
        self::assertNull(SymmetricMatrix::inverse([[0.0]]));
    }
}
