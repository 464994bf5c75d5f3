<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/**
 * Uncertainty propagation by univariate dimension reduction: the distribution of a positive result of several independent
 * figures, each lognormal about its value.
 *
 * The effects of the figures on the logarithm of the result are taken to add up. Mean and variance of each come from
 * three-point Gauss-Hermite quadrature: points at 0 and at plus and minus sqrt 3 deviations, weights 2/3, 1/6, 1/6.
 *
 * Source: Rahman and Xu, "A univariate dimension-reduction method for multi-dimensional integration in stochastic
 * mechanics", Probabilistic Engineering Mechanics 19 (2004) (from memory).
 */
final class DimensionReduction
{
    /** Deviations from the middle at which the result is computed for each figure. */
    public const POINT = 1.7320508075688772;

    /** Of both outer points. */
    private const WEIGHT = 1.0 / 6.0;

    /** Share of the told result that a result is taken for when it is nothing, so that its logarithm stays finite. */
    private const NOTHING = 1e-9;

    private float $middle = 0.0;

    private float $variance = 0.0;

    /** @param  float  $told  result with every figure as told, zero or more */
    public function __construct(private readonly float $told)
    {
    }

    /**
     * @param  float  $told  result with every figure as told, zero or more
     * @param  iterable<array{float, float, 2?: float}>  $off  of each figure what {@see self::add} asks
     */
    public static function lognormal(float $told, iterable $off): Lognormal
    {
        $reduction = new self($told);
        foreach ($off as $pair) {
            $reduction->add(...$pair);
        }

        return $reduction->result();
    }

    /**
     * Takes one more figure in. Where the logarithm of the result is concave in it, the median does not rise; the deviation
     * never falls.
     *
     * @param  float  $up  result with the figure so many deviations up
     * @param  float  $down  result with the figure as far down
     * @param  float  $by  by how much less it is off than they were computed for
     */
    public function add(float $up, float $down, float $by = 1.0): void
    {
        if ($this->told <= 0.0) {
            return;
        }
        $up = log(max(self::NOTHING, $up / $this->told));
        $down = log(max(self::NOTHING, $down / $this->told));
        if ($by !== 1.0) {
            // The odd part of an effect goes with the deviation, the even part with its square.
            [$odd, $even] = [($up - $down) / 2.0 * $by, ($up + $down) / 2.0 * $by ** 2];
            [$up, $down] = [$even + $odd, $even - $odd];
        }
        $mean = self::WEIGHT * ($up + $down);
        $this->middle += $mean;
        $this->variance += self::WEIGHT * ($up * $up + $down * $down) - $mean * $mean;
    }

    /** By the figures taken in so far. */
    public function result(): Lognormal
    {
        return new Lognormal($this->told * exp($this->middle), sqrt($this->variance));
    }
}
