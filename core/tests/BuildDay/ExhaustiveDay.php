<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\BuildDay;

use Jornel\Core\BuildDay\Day;

/**
 * The shortest a day of whole minutes can be, by going through it minute by minute: in each, every choice of tasks that may
 * begin and of who does them. Shares nothing with the planner.
 */
final class ExhaustiveDay
{
    private int $best;

    /** @var array<string, true> */
    private array $met = [];

    private function __construct(private readonly Day $day, int $most)
    {
        $this->best = $most + 1;
    }

    /** @return int minutes; one more than the most where there is none */
    public static function shortest(Day $day, int $most): int
    {
        $search = new self($day, $most);
        $search->minute(0, []);

        return $search->best;
    }

    /** @param  array<int, array{int, list<int>}>  $begun  minute and people, by number of the task */
    private function minute(int $minute, array $begun): void
    {
        if (count($begun) === count($this->day->tasks)) {
            $this->best = min($this->best, max(array_map(fn (int $number): int => $begun[$number][0] + (int) $this->day->tasks[$number]->work, array_keys($begun))));

            return;
        }
        foreach (array_keys($this->day->tasks) as $number) {
            if (! isset($begun[$number]) && $minute + $this->chain($number) >= $this->best) {
                return;
            }
        }
        ksort($begun);
        $key = $minute.json_encode(array_map(fn (array $one, int $number): array => [$number, max(0, $one[0] + (int) $this->day->tasks[$number]->work + (int) $this->day->tasks[$number]->wait - $minute), max(0, $one[0] + (int) $this->day->tasks[$number]->work - $minute), $one[1]], $begun, array_keys($begun)));
        if (isset($this->met[$key])) {
            return;
        }
        $this->met[$key] = true;
        $this->begin($minute, $begun, 0);
    }

    /** @param  array<int, array{int, list<int>}>  $begun */
    private function begin(int $minute, array $begun, int $from): void
    {
        for ($number = $from; $number < count($this->day->tasks); $number++) {
            if (isset($begun[$number]) || ! $this->mayBegin($number, $minute, $begun)) {
                continue;
            }
            foreach ($this->groups($number, $minute, $begun) as $people) {
                $this->begin($minute, $begun + [$number => [$minute, $people]], $number + 1);
            }
        }
        $this->minute($minute + 1, $begun);
    }

    /** @param  array<int, array{int, list<int>}>  $begun */
    private function mayBegin(int $number, int $minute, array $begun): bool
    {
        $task = $this->day->tasks[$number];
        foreach ($this->day->tasks as $other => $one) {
            if (in_array($one->id, $task->after, true) && (! isset($begun[$other]) || $begun[$other][0] + $one->work + $one->wait > $minute)) {
                return false;
            }
        }
        $end = $minute + $task->work;
        foreach ($this->day->breaks as [$off, $on]) {
            if ($minute < $on && $end > $off) {
                return false;
            }
        }
        if ($task->tool === null) {
            return true;
        }
        $used = 0;
        foreach ($begun as $other => [$start]) {
            $used += (int) ($this->day->tasks[$other]->tool === $task->tool && $start + $this->day->tasks[$other]->work > $minute);
        }

        return $used < $this->day->tools[$task->tool];
    }

    /**
     * @param  array<int, array{int, list<int>}>  $begun
     * @return list<list<int>>
     */
    private function groups(int $number, int $minute, array $begun): array
    {
        $task = $this->day->tasks[$number];
        $free = [];
        foreach ($this->day->people as $person => $who) {
            $isFree = ($who->isAdult || ! $task->isForAdults) && ($task->skill === null || in_array($task->skill, $who->skills, true)) && $minute >= $who->from && $minute + $task->work <= $who->to;
            foreach ($begun as $other => [$start, $people]) {
                $one = $this->day->tasks[$other];
                $isFree = $isFree && (! in_array($person, $people, true) || ($start + $one->work <= $minute && ($one->unit !== $task->unit || $one->isCheck === $task->isCheck)));
            }
            if ($isFree) {
                $free[] = $person;
            }
        }
        if ($task->people === 1) {
            return array_map(fn (int $person): array => [$person], $free);
        }
        $pairs = [];
        foreach ($free as $place => $one) {
            foreach (array_slice($free, $place + 1) as $other) {
                $pairs[] = [$one, $other];
            }
        }

        return $pairs;
    }

    private function chain(int $number): float
    {
        $task = $this->day->tasks[$number];
        $longest = 0.0;
        foreach ($this->day->tasks as $other => $one) {
            if (in_array($task->id, $one->after, true)) {
                $longest = max($longest, $task->wait + $this->chain($other));
            }
        }

        return $task->work + $longest;
    }
}
