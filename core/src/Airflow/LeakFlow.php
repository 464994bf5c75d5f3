<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

/** What goes past the filters at one leak. */
final readonly class LeakFlow
{
    /** @param  float  $flow m3/s */
    public function __construct(public Leak $leak, public float $flow)
    {
    }
}
