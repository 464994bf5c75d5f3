<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A triangle with two equal sides: the end of a wedge. */
final readonly class IsoscelesTriangle
{
    /**
     * @param  float  $side  each of the equal sides, m
     * @param  float  $base  m, below twice the side
     */
    public function __construct(public float $side, public float $base)
    {
    }

    /** @return float m from the base to the point */
    public function height(): float
    {
        return sqrt($this->side ** 2 - $this->base ** 2 / 4.0);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->base * $this->height() / 2.0;
    }

    /** @return float angle at the point, degrees */
    public function angle(): float
    {
        return rad2deg(2.0 * asin($this->base / (2.0 * $this->side)));
    }

    /** @return float m */
    public function perimeter(): float
    {
        return 2.0 * $this->side + $this->base;
    }
}
