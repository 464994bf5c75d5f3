<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** Somebody who comes to a build day. */
final readonly class Person
{
    /**
     * @param  string  $name  their own among those who come
     * @param  list<string>  $skills
     * @param  float  $from  minute of the day in which they come
     * @param  float  $to  minute in which they go; INF for whoever stays
     */
    public function __construct(public string $name, public array $skills, public bool $isAdult = true, public float $from = 0.0, public float $to = INF)
    {
    }

    /** Whether they may do a task, by skill and age. */
    public function can(Task $task): bool
    {
        return ($this->isAdult || ! $task->isForAdults) && ($task->skill === null || in_array($task->skill, $this->skills, true));
    }
}
