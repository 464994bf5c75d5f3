<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Jornel\Core\Numeric\DimensionReduction;
use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Numeric\Normal;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The normal distribution against its tables; lognormal results of lognormal figures against what they are exactly. */
final class NormalTest extends TestCase
{
    /** Abramowitz and Stegun, Handbook of Mathematical Functions (1964), table 26.1. */
    #[TestWith([0.0, 0.5])]
    #[TestWith([0.5, 0.691462461274013])]
    #[TestWith([1.0, 0.841344746068543])]
    #[TestWith([1.645, 0.950015094460879])]
    #[TestWith([3.0, 0.998650101968370])]
    #[TestWith([-2.0, 0.022750131948179])]
    #[TestWith([-5.0, 2.866515718791939e-7])]
    public function test_it_is_that_of_the_tables(float $x, float $below): void
    {
        self::assertEqualsWithDelta(1.0, Normal::below($x) / $below, 1e-10);
    }

    #[TestWith([0.75, 0.674489750196082])]
    #[TestWith([0.9, 1.281551565544600])]
    #[TestWith([0.95, 1.644853626951472])]
    public function test_the_inverse_comes_back(float $probability, float $x): void
    {
        self::assertEqualsWithDelta($x, Normal::quantile($probability), 1e-12);
    }

    public function test_a_product_of_powers_is_propagated_exactly(): void
    {
        // y = 5 a^2 / b with deviations 0.1 and 0.2: ln y is normal with deviation sqrt(0.04 + 0.04).
        $y = fn (float $a, float $b): float => 5.0 * $a ** 2 / $b;
        $by = fn (float $deviation): float => exp(DimensionReduction::POINT * $deviation);
        $result = DimensionReduction::lognormal($y(1.0, 1.0), [[$y($by(0.1), 1.0), $y(1.0 / $by(0.1), 1.0)], [$y(1.0, $by(0.2)), $y(1.0, 1.0 / $by(0.2))]]);

        self::assertEqualsWithDelta([5.0, sqrt(0.08)], [$result->median, $result->deviation], 1e-12);
        self::assertEqualsWithDelta(0.5, $result->atLeast(5.0), 1e-12);
    }

    public function test_a_figure_that_is_measured_better_widens_the_result_by_less(): void
    {
        $effect = exp(DimensionReduction::POINT * 0.3);
        $half = DimensionReduction::lognormal(1.0, [[$effect, 1.0 / $effect, 0.5]]);

        self::assertEqualsWithDelta(0.15, $half->deviation, 1e-12);
    }

    public function test_what_is_surely_nothing_or_surely_told_has_no_chance_between(): void
    {
        self::assertSame([0.0, 1.0, 0.0], [(new Lognormal(0.0, 0.0))->atLeast(1.0), (new Lognormal(2.0, 0.0))->atLeast(2.0), (new Lognormal(2.0, 0.0))->atLeast(2.1)]);
    }
}
