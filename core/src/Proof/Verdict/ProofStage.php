<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

use Jornel\Core\Quantity\Interval;
use Jornel\Core\Room\Target\Likelihood;

/** What a unit is known to give at one stage of its life: as designed, as built, as proved. */
final readonly class ProofStage
{
    /**
     * @param  string  $key  `design`, `built` or `proved`
     * @param  Interval  $cleanAir  of one unit for the room's pollutant, m3/s
     * @param  Interval  $gets  clean air of the kind that the goal judges, of all that stands in the room and the building, m3/s
     * @param  float  $chance  to reach the goal, 0 to 1
     */
    public function __construct(public string $key, public Interval $cleanAir, public Interval $gets, public float $chance, public Likelihood $likelihood)
    {
    }
}
