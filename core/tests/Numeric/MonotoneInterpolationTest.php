<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Jornel\Core\Numeric\MonotoneInterpolation;
use Jornel\Core\Numeric\UnorderedPoints;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MonotoneInterpolationTest extends TestCase
{
    private const FAN = [[0.0, 50.0], [0.1, 47.0], [0.2, 40.0], [0.35, 22.0], [0.5, 4.0], [0.55, 0.0]];

    public function test_it_passes_through_its_points(): void
    {
        $curve = MonotoneInterpolation::through(self::FAN);
        foreach (self::FAN as [$x, $y]) {
            self::assertEqualsWithDelta($y, $curve->at($x), 1e-12);
        }
    }

    public function test_a_straight_line_stays_straight(): void
    {
        $line = MonotoneInterpolation::through([[0.0, 3.0], [1.0, 5.0], [4.0, 11.0], [5.0, 13.0]]);
        foreach ([0.3, 1.7, 3.9, 4.2] as $x) {
            self::assertEqualsWithDelta(3.0 + 2.0 * $x, $line->at($x), 1e-12);
        }
    }

    public function test_two_points_make_a_line(): void
    {
        self::assertEqualsWithDelta(1.5, MonotoneInterpolation::through([[0.0, 2.0], [4.0, 0.0]])->at(1.0), 1e-15);
    }

    public function test_it_never_turns_back_between_points_that_fall(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($case = 0; $case < 50; $case++) {
            $points = [];
            [$x, $y] = [0.0, 100.0];
            for ($i = 0; $i < 8; $i++) {
                $points[] = [$x, $y];
                $x += $random->getInt(1, 100) / 50.0;
                $y -= $random->getInt(1, 100) ** 2 / 500.0;
            }
            $curve = MonotoneInterpolation::through($points);
            $values = array_map(fn (int $step): float => $curve->at($x * $step / 400.0), range(0, 400));
            $falling = $values;
            rsort($falling);
            self::assertEqualsWithDelta($falling, $values, 1e-12);
        }
    }

    public function test_the_inverse_of_a_falling_curve_comes_back(): void
    {
        $curve = MonotoneInterpolation::through(self::FAN);
        for ($step = 0; $step <= 110; $step++) {
            $x = 0.55 * $step / 110.0;
            self::assertEqualsWithDelta($x, $curve->whereFalling($curve->at($x)), 1e-9);
        }
        self::assertSame(0.0, $curve->whereFalling(60.0));
        self::assertSame(0.55, $curve->whereFalling(-1.0));
    }

    public function test_beyond_the_ends_the_ends_hold(): void
    {
        $curve = MonotoneInterpolation::through(self::FAN);

        self::assertSame([50.0, 0.0], [$curve->at(-1.0), $curve->at(9.0)]);
    }

    #[TestWith([[[0.0, 1.0]]])]
    #[TestWith([[[0.0, 1.0], [0.0, 2.0]]])]
    #[TestWith([[[1.0, 1.0], [0.5, 2.0]]])]
    #[TestWith([[]])]
    public function test_points_out_of_order_are_refused(array $points): void
    {
        $this->expectException(UnorderedPoints::class);
        MonotoneInterpolation::through($points);
    }
}
