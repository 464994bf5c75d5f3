<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

/** Part of a log that a decay is fitted to, both ends taken in. */
final readonly class Stretch
{
    /**
     * @param  float  $from  s since the first reading
     * @param  float  $to  s since the first reading, after $from
     * @param  float|null  $peak  time of the peak before it, s; null where it was told, as against found
     */
    public function __construct(public float $from, public float $to, public ?float $peak = null)
    {
    }

    /** Whether it was found, as against told. */
    public function isFound(): bool
    {
        return $this->peak !== null;
    }

    /** @return float s from the peak, or from where it was told to begin, to its end */
    public function sincePeak(): float
    {
        return $this->to - ($this->peak ?? $this->from);
    }
}
