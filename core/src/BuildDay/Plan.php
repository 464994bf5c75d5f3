<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** A schedule beside what the day takes at the least. */
final readonly class Plan
{
    /**
     * @param  float  $bound  minutes that it takes at the least
     * @param  string  $why  it is not shorter
     */
    public function __construct(public Schedule $schedule, public float $bound, public string $why)
    {
    }
}
