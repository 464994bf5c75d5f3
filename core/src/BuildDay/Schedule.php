<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** Who does what when on a build day. */
final readonly class Schedule
{
    /** @param  array<int, Assignment>  $assignments  of every task, by its number */
    public function __construct(public Day $day, public array $assignments)
    {
    }

    /** @return float minute of the day in which the last task is done */
    public function length(): float
    {
        return $this->assignments === [] ? 0.0 : max(array_map(fn (Assignment $one): float => $one->end, $this->assignments));
    }

    /** @return list<Assignment> the first begun first */
    public function inTime(): array
    {
        $all = array_values($this->assignments);
        usort($all, fn (Assignment $one, Assignment $other): int => [$one->start, $one->end, $one->task->id] <=> [$other->start, $other->end, $other->task->id]);

        return $all;
    }
}
