<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Numeric\MatrixExponential;

/**
 * The exact step of a linear system over an interval with constant inputs: C(t) = E C(0) + F b, E = exp(A t) and
 * F the integral of exp(A s) from 0 to t.
 *
 * Both are read off one exponential: exp([[A, I], [0, 0]] t) = [[E, F], [0, I]] (Van Loan, "Computing integrals involving
 * the matrix exponential", IEEE Transactions on Automatic Control 23, 1978).
 */
final readonly class Propagator
{
    /**
     * @param  list<list<float>>  $carried  E
     * @param  list<list<float>>  $gained  F, s
     */
    private function __construct(private array $carried, private array $gained)
    {
    }

    /**
     * @param  list<list<float>>  $matrix  A, 1/s
     * @param  float  $time  s, above 0
     */
    public static function of(array $matrix, float $time): self
    {
        $size = count($matrix);
        $whole = [];
        for ($i = 0; $i < 2 * $size; $i++) {
            $row = [];
            for ($j = 0; $j < 2 * $size; $j++) {
                $row[] = match (true) {
                    $i >= $size => 0.0,
                    $j < $size => $matrix[$i][$j] * $time,
                    // Scaled by the time here, so that both halves are of the same size whatever the interval.
                    default => $j - $size === $i ? 1.0 : 0.0,
                };
            }
            $whole[] = $row;
        }
        if ($whole === []) {
            return new self([], []);
        }
        $exponential = MatrixExponential::of($whole);
        $carried = $gained = [];
        for ($i = 0; $i < $size; $i++) {
            $carried[] = array_slice($exponential[$i], 0, $size);
            $gained[] = array_map(fn (float $value): float => $value * $time, array_slice($exponential[$i], $size));
        }

        return new self($carried, $gained);
    }

    /**
     * @param  list<float>  $now  C(0)
     * @param  list<float>  $gain  b, per second
     * @return list<float> C(t)
     */
    public function step(array $now, array $gain): array
    {
        $then = [];
        foreach ($this->carried as $i => $row) {
            $gained = $this->gained[$i];
            $sum = 0.0;
            foreach ($row as $j => $share) {
                $sum += $share * $now[$j] + $gained[$j] * $gain[$j];
            }
            $then[] = $sum;
        }

        return $then;
    }
}
