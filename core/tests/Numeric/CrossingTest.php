<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Numeric;

use Closure;
use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\Crossing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CrossingTest extends TestCase
{
    /** @return array<string, array{Closure(float): float, Closure(float): float, float, float}> what falls, what rises, where nothing is left, where they meet */
    public static function pairs(): array
    {
        return [
            'two lines' => [fn (float $x): float => 1.0 - $x, fn (float $x): float => $x, 1.0, 0.5],
            'a line and a root: 1 - x = sqrt(x) where x = (3 - sqrt(5)) / 2' => [fn (float $x): float => 1.0 - $x, sqrt(...), 1.0, (3.0 - sqrt(5.0)) / 2.0],
            'the omega constant, x = exp(-x) (OEIS A030178)' => [fn (float $x): float => exp(-$x), fn (float $x): float => $x, 50.0, 0.5671432904097839],
            'the fixed point of the cosine (OEIS A003957)' => [cos(...), fn (float $x): float => $x, M_PI / 2.0, 0.7390851332151607],
            'close to nothing' => [fn (float $x): float => 1.0 - $x, fn (float $x): float => 1e12 * $x, 1.0, 1.0 / (1.0 + 1e12)],
            'close to the most' => [fn (float $x): float => 1.0 - $x, fn (float $x): float => 1e-9 * $x, 1.0, 1.0 / (1.0 + 1e-9)],
            'level, with a bend just where they meet' => [fn (float $x): float => min(0.5, 1.0 - $x), fn (float $x): float => $x, 1.0, 0.5],
            'a step' => [fn (float $x): float => $x < 0.3 ? 1.0 : 0.1, fn (float $x): float => $x, 1.0, 0.3],
            'nothing rises before a third' => [fn (float $x): float => 1.0 - $x, fn (float $x): float => max(0.0, $x - 1.0 / 3.0), 1.0, 2.0 / 3.0],
            'nothing is left long before the most' => [fn (float $x): float => max(0.0, 0.1 - $x), fn (float $x): float => $x, 1.0, 0.05],
        ];
    }

    /**
     * @param  Closure(float): float  $falling
     * @param  Closure(float): float  $rising
     */
    #[DataProvider('pairs')]
    public function test_it_finds_where_they_meet_from_any_guess(Closure $falling, Closure $rising, float $most, float $at): void
    {
        foreach ([1e-6, 0.01, 0.3, 0.7, 0.999] as $guess) {
            $found = Crossing::find(fn (float $x): float => ($up = $rising($x)) > 0.0 ? $falling($x) / $up : INF, $most, $guess * $most);
            self::assertEqualsWithDelta(1.0, $found / $at, 1e-13, "from {$guess} of the most");
        }
    }

    public function test_a_fan_against_leaks_and_filters_takes_few_steps_and_ends_where_bisection_does(): void
    {
        mt_srand(11);
        $steps = 0;
        for ($case = 0; $case < 200; $case++) {
            [$flow, $leak, $linear] = [mt_rand(1, 1000) / 1000, mt_rand(0, 100) / 1000, mt_rand(1, 1000) / 1000];
            $fan = fn (float $x): float => $flow * max(0.0, 1.0 - $x) ** (1.0 / 1.2);
            $against = fn (float $x): float => $leak * sqrt($x) + $linear * $x ** 0.8;
            $found = Crossing::find(function (float $x) use ($fan, $against, &$steps): float {
                $steps++;

                return $fan($x) / $against($x);
            }, 1.0, 0.3);
            self::assertEqualsWithDelta(1.0, $found / BracketedRoot::find(fn (float $x): float => $fan($x) - $against($x), 0.0, 1.0), 1e-13);
        }
        self::assertLessThan(7.0 * 200, $steps);
    }
}
