<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** A figure, zero or more, whose logarithm is normal. */
final readonly class Lognormal
{
    /**
     * @param  float  $median  zero or more; zero for a figure that is surely nothing
     * @param  float  $deviation  one standard deviation of its natural logarithm, zero or more
     */
    public function __construct(public float $median, public float $deviation)
    {
    }

    /**
     * Chance that it is a value or more.
     *
     * @param  float  $least  above 0
     * @return float 0 to 1
     */
    public function atLeast(float $least): float
    {
        return match (true) {
            $this->median <= 0.0 => 0.0,
            $this->deviation <= 0.0 => $this->median >= $least ? 1.0 : 0.0,
            default => Normal::below(log($this->median / $least) / $this->deviation),
        };
    }
}
