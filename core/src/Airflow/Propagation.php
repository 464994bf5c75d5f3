<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Pollutant;

/**
 * How what is not sure about the parts carries over to a unit's figures, without drawing numbers.
 *
 * Each figure of the parts is lognormal about what was told, as in {@see Uncertainty}. Their effects on the logarithm of the
 * result are taken to add up, and the mean and the variance of each effect come from three-point Gauss-Hermite quadrature
 * (points at 0 and at plus and minus sqrt 3 deviations, weights 2/3, 1/6, 1/6): univariate dimension reduction, Rahman and
 * Xu, Probabilistic Engineering Mechanics 19 (2004) (from memory). Thirteen balances instead of hundreds.
 */
final readonly class Propagation
{
    /** Deviations from the middle at which each effect is computed. */
    private const POINT = 1.7320508075688772;

    /** Of both outer points. */
    private const WEIGHT = 1.0 / 6.0;

    /**
     * @param  Unit  $told  at one speed, as told
     * @param  list<array{Unit, Unit}>  $off  the same with one figure of its parts off, to either side
     */
    private function __construct(private Unit $told, private array $off)
    {
    }

    /** @param  int  $speed  which one */
    public static function through(Unit $unit, int $speed, Tolerances $tolerances): self
    {
        $told = $unit->at($speed);
        $off = [];
        foreach ($tolerances->ofUnit($unit->from) as $figure => $deviation) {
            if ($deviation > 0.0) {
                $off[] = [self::off($told, $figure, self::POINT * $deviation), self::off($told, $figure, -self::POINT * $deviation)];
            }
        }

        return new self($told, $off);
    }

    /** Band of the clean air for a pollutant, m3/s. */
    public function cleanAir(Pollutant $pollutant): Band
    {
        // Only the balance is asked for: flows of single faces and leaks do not matter here.
        return $this->bands(fn (Unit $unit, Balance $balance): array => [$pollutant->weigh($unit->box->cleanAir($balance->pressure))])[0];
    }

    /**
     * Bands of several figures.
     *
     * @template K of array-key
     *
     * @param  callable(Unit, Balance): array<K, float>  $figures  zero or more; of a unit at its only speed
     * @return array<K, Band> nothing but zero where a figure is zero as told
     */
    public function bands(callable $figures): array
    {
        $of = fn (Unit $unit): array => $figures($unit, Balance::of($unit->curve($unit->speeds[0]), $unit->box));
        $told = $of($this->told);
        $off = array_map(fn (array $pair): array => [$of($pair[0]), $of($pair[1])], $this->off);
        $bands = [];
        foreach ($told as $key => $figure) {
            $bands[$key] = $figure > 0.0
                ? self::band($figure, array_map(fn (array $pair): array => [log($pair[0][$key] / $figure), log($pair[1][$key] / $figure)], $off))
                : Band::lognormal(0.0, 0.0);
        }

        return $bands;
    }

    /** @param  list<array{float, float}>  $effects  of each figure to either side, on the logarithm */
    private static function band(float $told, array $effects): Band
    {
        $middle = $variance = 0.0;
        foreach ($effects as [$up, $down]) {
            $mean = self::WEIGHT * ($up + $down);
            $middle += $mean;
            $variance += self::WEIGHT * ($up * $up + $down * $down) - $mean * $mean;
        }

        return Band::lognormal($told * exp($middle), sqrt($variance));
    }

    private static function off(Unit $told, int $figure, float $by): Unit
    {
        $factors = [1.0, 1.0, 1.0, 1.0, 1.0, 1.0];
        $factors[$figure] = exp($by);

        return $told->varied(new Variation(...$factors));
    }
}
