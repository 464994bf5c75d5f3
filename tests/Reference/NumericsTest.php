<?php

namespace Tests\Reference;

use Jornel\Core\Numeric\LeastSquares;
use Jornel\Core\Numeric\MatrixExponential;
use Jornel\Core\Numeric\MonotoneInterpolation;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The numerical methods against scipy's, on random cases with a fixed seed. */
class NumericsTest extends TestCase
{
    public function test_interpolation_least_squares_and_exponential_are_scipys(): void
    {
        $random = new Randomizer(new Mt19937(42));
        $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1 << 30) / (1 << 30);
        $asked = ['pchip' => [], 'nnls' => [], 'expm' => []];
        $mine = ['pchip' => [], 'nnls' => [], 'expm' => []];
        for ($case = 0; $case < 120; $case++) {
            $points = [];
            [$x, $y] = [0.0, $between(10.0, 400.0)];
            foreach (range(1, $random->getInt(2, 12)) as $ignored) {
                $points[] = [$x, $y];
                $x += $between(0.01, 0.3);
                // Mostly falling as fans do, now and then a hump or a plateau.
                $y += $random->getInt(0, 5) === 0 ? $between(0.0, 20.0) * $random->getInt(0, 1) : -$between(0.1, 60.0);
            }
            if (count($points) < 2) {
                $points[] = [$x, $y];
            }
            $last = $points[count($points) - 1][0];
            $at = array_map(fn (int $step): float => $last * $step / 40.0, range(0, 40));
            $asked['pchip'][] = ['points' => $points, 'at' => $at];
            $curve = MonotoneInterpolation::through($points);
            $mine['pchip'][] = array_map(fn (float $x): float => $curve->at($x), $at);

            [$a, $b] = [$between(0.0, 60.0), $between(-15.0, 30.0)];
            $rows = [];
            foreach (range(1, $random->getInt(2, 9)) as $ignored) {
                $v = $between(0.2, 3.0);
                $rows[] = [$v, $v * $v, max(0.1, $a * $v + $b * $v * $v + $between(-3.0, 3.0))];
            }
            $asked['nnls'][] = $rows;
            $mine['nnls'][] = LeastSquares::twoNonNegative($rows);

            $size = $random->getInt(1, 10);
            $scale = 10.0 ** $between(-3.0, 1.3);
            $matrix = [];
            for ($i = 0; $i < $size; $i++) {
                for ($j = 0; $j < $size; $j++) {
                    $matrix[$i][$j] = $scale * ($i === $j ? -$between(0.5, 3.0) : $between(0.0, 0.6));
                }
            }
            $asked['expm'][] = $matrix;
            $mine['expm'][] = MatrixExponential::of($matrix);
        }
        $theirs = Scipy::answer('numerics', $asked);

        self::assertLessThan(1e-12, Scipy::worst('monotone interpolation against PchipInterpolator', $mine['pchip'], $theirs['pchip'], 1.0));
        self::assertLessThan(1e-8, Scipy::worst('least squares against nnls', $mine['nnls'], $theirs['nnls'], 1.0));
        self::assertLessThan(1e-11, Scipy::worst('matrix exponential against expm', $mine['expm'], $theirs['expm'], 1e-6));
    }
}
