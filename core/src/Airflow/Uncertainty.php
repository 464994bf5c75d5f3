<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * How sure a unit's figures are: they are computed again with figures drawn from what is known of each.
 *
 * Every figure is taken as lognormal about what was told, with the deviation that {@see Tolerances} gives for where it
 * came from, independent of the others and common to all parts alike. Drawn by the polar form of Box and Muller from a
 * seeded Mersenne twister, so that the same build always has the same band. {@see Propagation} says nearly the same of a
 * few figures, and far sooner.
 */
final readonly class Uncertainty
{
    public const DRAWS = 400;

    private const SEED = 20260;

    /** @param  non-empty-list<Variation>  $drawn */
    private function __construct(private array $drawn)
    {
    }

    /** @param  int  $draws 20 or more */
    public static function of(Provenances $from, Tolerances $tolerances, int $draws = self::DRAWS, int $seed = self::SEED): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $deviations = $tolerances->ofUnit($from);
        $drawn = array_map(
            fn (): Variation => new Variation(...array_map(fn (float $deviation): float => exp($deviation * self::normal($random)), $deviations)),
            range(1, max(20, $draws)),
        );

        return new self($drawn);
    }

    /**
     * Band of any figure of a unit at one of its speeds.
     *
     * @param  int  $speed  which one
     * @param  callable(Performance): float  $figure
     */
    public function band(Unit $unit, int $speed, callable $figure): Band
    {
        return $this->bands($unit, $speed, fn (Performance $performance): array => [$figure($performance)])[0];
    }

    /**
     * Bands of several figures at once.
     *
     * @template K of array-key
     *
     * @param  callable(Performance): array<K, float>  $figures
     * @return array<K, Band>
     */
    public function bands(Unit $unit, int $speed, callable $figures): array
    {
        $drawn = [];
        $one = $unit->at($speed);
        foreach ($this->drawn as $variation) {
            $varied = $one->varied($variation);
            foreach ($figures(Performance::of($varied, $varied->speeds[0])) as $key => $value) {
                $drawn[$key][] = $value;
            }
        }

        return array_map(Band::of(...), $drawn);
    }

    private static function normal(Randomizer $random): float
    {
        do {
            [$u, $v] = [2.0 * $random->getInt(1, 1 << 30) / (1 << 30) - 1.0, 2.0 * $random->getInt(1, 1 << 30) / (1 << 30) - 1.0];
            $s = $u * $u + $v * $v;
        } while ($s >= 1.0 || $s === 0.0);

        return $u * sqrt(-2.0 * log($s) / $s);
    }
}
