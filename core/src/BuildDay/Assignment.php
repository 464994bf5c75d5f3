<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** When a task is done, and by whom. */
final readonly class Assignment
{
    /**
     * @param  float  $start  minute of the day
     * @param  float  $end  minute of the day
     * @param  non-empty-list<int>  $people  by their number in the day
     */
    public function __construct(public Task $task, public float $start, public float $end, public array $people)
    {
    }
}
