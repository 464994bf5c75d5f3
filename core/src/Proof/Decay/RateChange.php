<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Quantity\Interval;

/** From when on the air of a run cleared at another rate, as it does while a door stands open. */
final readonly class RateChange
{
    /**
     * @param  float  $at  s since the first reading, to about a fortieth of the stretch
     * @param  Interval  $rate  from then on, 1/s
     */
    public function __construct(public float $at, public Interval $rate)
    {
    }
}
