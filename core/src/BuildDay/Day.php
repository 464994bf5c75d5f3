<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** Tasks, people, tools and breaks of a build day: all that a schedule must keep to. */
final readonly class Day
{
    /**
     * @param  non-empty-list<Task>  $tasks
     * @param  non-empty-list<Person>  $people
     * @param  array<string, int>  $tools  how many there are of each that is shared
     * @param  list<array{float, float}>  $breaks  in which nobody works, minutes of the day, in order, apart
     * @param  float  $now  minute of the day before which nothing begins any more
     * @param  array<int, Assignment>  $frozen  what is done or under way, by number of the task
     * @param  list<list<int>>  $after  numbers of the tasks that each waits for
     * @param  list<list<int>>  $able  numbers of the people who may do each task
     * @param  list<int>  $order  numbers of the tasks, each after those that it waits for
     * @param  array<string, list<int>>  $checks  numbers of the tasks of each unit that are checks
     * @param  bool  $isMirrored  whether time runs backwards: what waits is the task itself, not those after it
     */
    private function __construct(
        public array $tasks,
        public array $people,
        public array $tools,
        public array $breaks,
        public float $now,
        public array $frozen,
        public array $after,
        public array $able,
        public array $order,
        public array $checks,
        public bool $isMirrored = false,
    ) {
    }

    /**
     * @param  non-empty-list<Task>  $tasks
     * @param  non-empty-list<Person>  $people
     * @param  array<string, int>  $tools
     * @param  list<array{float, float}>  $breaks
     * @param  array<int, Assignment>  $frozen
     *
     * @throws InvalidDay
     */
    public static function of(array $tasks, array $people, array $tools = [], array $breaks = [], float $now = 0.0, array $frozen = []): self
    {
        self::apart(array_map(fn (Task $task): string => $task->id, $tasks), 'tasks', 'id');
        self::apart(array_map(fn (Person $person): string => $person->name, $people), 'people', 'name');
        $after = self::numbered($tasks);
        $able = $checks = [];
        foreach ($tasks as $number => $task) {
            $able[] = array_keys(array_filter($people, fn (Person $person): bool => $person->can($task) && max($now, $person->from) + $task->work <= $person->to + Calendar::HAIR));
            if ($task->isCheck && $task->unit !== null) {
                $checks[$task->unit][] = $number;
            }
        }
        $day = new self($tasks, $people, $tools, self::joined($breaks), $now, $frozen, $after, $able, self::ordered($tasks, $after), $checks);
        foreach ($tasks as $number => $task) {
            if (! isset($frozen[$number])) {
                $day->mustBeDoable($number, $task);
            }
        }

        return $day;
    }

    /** Where a task was told, for a fault. */
    public function path(int $task): string
    {
        return self::told($this->tasks, $task);
    }

    /**
     * The same day from a minute on, with what is done or under way.
     *
     * @param  array<int, Assignment>  $frozen  by number of the task
     */
    public function from(float $now, array $frozen): self
    {
        return new self($this->tasks, $this->people, $this->tools, $this->breaks, $now, $frozen, $this->after, $this->able, $this->order, $this->checks);
    }

    /** The same day backwards from a minute on, so that what is put as early as possible there is as late as possible here. */
    public function mirrored(float $at): self
    {
        $then = array_fill(0, count($this->tasks), []);
        foreach ($this->after as $number => $before) {
            foreach ($before as $one) {
                $then[$one][] = $number;
            }
        }

        return new self(
            $this->tasks,
            array_map(fn (Person $person): Person => new Person($person->name, $person->skills, $person->isAdult, max(0.0, $at - $person->to), $at - max($person->from, $this->now)), $this->people),
            $this->tools,
            array_reverse(array_map(fn (array $break): array => [$at - $break[1], $at - $break[0]], $this->breaks)),
            0.0,
            [],
            $then,
            $this->able,
            array_reverse($this->order),
            $this->checks,
            ! $this->isMirrored,
        );
    }

    /** Minutes between the end of a task and the beginning of one that waits for it. */
    public function lag(int $before, int $after): float
    {
        return $this->tasks[$this->isMirrored ? $after : $before]->wait;
    }

    /** @param  list<Task>  $tasks */
    private static function told(array $tasks, int $task): string
    {
        return $tasks[$task]->path === '' ? "tasks.{$task}" : $tasks[$task]->path;
    }

    /**
     * @param  non-empty-list<Task>  $tasks
     * @return list<list<int>>
     *
     * @throws InvalidDay
     */
    private static function numbered(array $tasks): array
    {
        $numbers = array_flip(array_map(fn (Task $task): string => $task->id, $tasks));
        $after = [];
        foreach ($tasks as $number => $task) {
            $after[] = array_map(fn (string $id): int => $numbers[$id] ?? throw InvalidDay::unknownTask(self::told($tasks, $number).'.after', $id), array_values(array_unique($task->after)));
        }

        return $after;
    }

    /** @throws InvalidDay */
    private function mustBeDoable(int $number, Task $task): void
    {
        $path = $this->path($number);
        if ($task->tool !== null && ($this->tools[$task->tool] ?? 0) < 1) {
            throw InvalidDay::noTool("{$path}.tool", $task->tool);
        }
        $able = count($this->able[$number]);
        if ($able === 0 && array_filter($this->people, fn (Person $person): bool => $person->can($task)) !== []) {
            throw InvalidDay::noTime($path, $task->id);
        }
        if ($able === 0) {
            $isSkill = $task->skill !== null && array_filter($this->people, fn (Person $person): bool => in_array($task->skill, $person->skills, true)) === [];
            throw match (true) {
                $isSkill => InvalidDay::noSkill("{$path}.skill", (string) $task->skill),
                $task->skill !== null => InvalidDay::noAdultWithSkill("{$path}.adults_only", $task->skill),
                default => InvalidDay::noAdult("{$path}.adults_only"),
            };
        }
        if ($able < $task->people) {
            throw InvalidDay::tooFewPeople("{$path}.people", $task->people, $able);
        }
    }

    /**
     * @param  list<string>  $names
     *
     * @throws InvalidDay
     */
    private static function apart(array $names, string $list, string $key): void
    {
        $met = [];
        foreach ($names as $number => $name) {
            isset($met[$name]) && throw InvalidDay::again("{$list}.{$number}.{$key}", $name);
            $met[$name] = true;
        }
    }

    /**
     * Breaks in order, those that touch as one.
     *
     * @param  list<array{float, float}>  $breaks
     * @return list<array{float, float}>
     */
    private static function joined(array $breaks): array
    {
        sort($breaks);
        $joined = [];
        foreach ($breaks as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }

    /**
     * @param  non-empty-list<Task>  $tasks
     * @param  list<list<int>>  $after
     * @return list<int>
     *
     * @throws InvalidDay where tasks wait for each other
     */
    private static function ordered(array $tasks, array $after): array
    {
        $open = array_map(count(...), $after);
        $then = array_fill(0, count($tasks), []);
        foreach ($after as $number => $before) {
            foreach ($before as $one) {
                $then[$one][] = $number;
            }
        }
        $ready = array_keys(array_filter($open, fn (int $count): bool => $count === 0));
        $order = [];
        while ($ready !== []) {
            $order[] = $number = array_shift($ready);
            foreach ($then[$number] as $one) {
                if (--$open[$one] === 0) {
                    $ready[] = $one;
                }
            }
        }
        if (count($order) < count($tasks)) {
            $left = array_values(array_diff(array_keys($tasks), $order));
            throw InvalidDay::circle(self::told($tasks, $left[0]).'.after', array_map(fn (int $number): string => $tasks[$number]->id, array_slice($left, 0, 8)));
        }

        return $order;
    }
}
