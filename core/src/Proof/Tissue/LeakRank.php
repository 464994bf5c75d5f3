<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Quantity\Interval;

/** A leak and what patching it is worth. */
final readonly class LeakRank
{
    /**
     * @param  Interval  $gain  clean air won back, m3/s
     * @param  float  $minutes  that patching takes, above 0
     */
    public function __construct(public TissuePoint $point, public Interval $gain, public float $minutes)
    {
    }

    /** @return float m3/s for a minute of patching */
    public function perMinute(): float
    {
        return $this->gain->value / $this->minutes;
    }
}
