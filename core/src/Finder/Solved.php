<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Airflow\Output;

/** A candidate whose air is balanced. */
final readonly class Solved
{
    /**
     * @param  Output  $output  of one unit
     * @param  Measures  $measures  of all units at work
     */
    public function __construct(public Output $output, public Measures $measures)
    {
    }
}
