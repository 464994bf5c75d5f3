<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** What a schedule is made from: in which order tasks are placed, and who checks which unit. */
final readonly class Choice
{
    /**
     * @param  list<float>  $priorities  by task, the least first
     * @param  array<int, list<int>>  $checkers  who does each check, by number of the task
     * @param  float  $bias  minutes for which somebody is waited for on whom less of the work hangs
     */
    public function __construct(public array $priorities, public array $checkers, public float $bias = 0.0)
    {
    }

    /** @return list<int> who may do a task: whoever checks a unit does nothing else on it */
    public function who(Day $day, int $number): array
    {
        $task = $day->tasks[$number];
        if (isset($this->checkers[$number])) {
            return $this->checkers[$number];
        }
        if ($task->unit === null || ! isset($day->checks[$task->unit])) {
            return $day->able[$number];
        }
        $checkers = [];
        foreach ($day->checks[$task->unit] as $check) {
            array_push($checkers, ...$this->checkers[$check] ?? []);
        }

        return array_values(array_diff($day->able[$number], $checkers));
    }

    /** @param  list<float>  $priorities */
    public function withPriorities(array $priorities): self
    {
        return new self($priorities, $this->checkers, $this->bias);
    }

    /** @param  list<int>  $people */
    public function withChecker(int $check, array $people): self
    {
        return new self($this->priorities, [$check => $people] + $this->checkers, $this->bias);
    }

    public function withBias(float $bias): self
    {
        return new self($this->priorities, $this->checkers, $bias);
    }
}
