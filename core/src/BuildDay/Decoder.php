<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use SplMinHeap;

/**
 * Makes a schedule from a list of priorities: the foremost task of those that may begin is put where it can begin the
 * earliest, in gaps too. For every feasible schedule some list makes one that is nowhere later.
 *
 * Source: the serial schedule generation scheme; J. E. Kelley, "The critical-path method: resources planning and scheduling",
 * in Industrial Scheduling, Prentice Hall (1963), with people who have calendars and skills.
 */
final class Decoder
{
    /** Minutes for which whoever already builds a unit goes on with it, rather than somebody else (assumed). */
    private const HANDOVER = 0.25;

    /** @var list<Calendar> by person */
    private readonly array $people;

    /** @var array<string, Calendar> */
    private readonly array $tools;

    /** @var list<float> how much of the work hangs on each person, 0 to 1 */
    private readonly array $sought;

    /** @var list<list<int>> numbers of the tasks that wait for each */
    private readonly array $then;

    public function __construct(private readonly Day $day)
    {
        $this->people = array_map(fn (Person $person): Calendar => self::calendar(1, $person->from, $person->to, $day->breaks), $day->people);
        $this->tools = array_map(fn (int $count): Calendar => new Calendar(max(1, $count), 0.0, INF), $day->tools);
        $sought = array_fill(0, count($day->people), 0.0);
        foreach ($day->tasks as $number => $task) {
            foreach ($day->able[$number] as $person) {
                $sought[$person] += $task->work / count($day->able[$number]);
            }
        }
        $most = max($sought);
        $this->sought = array_values(array_map(fn (float $one): float => $most <= 0.0 ? 0.0 : $one / $most, $sought));
        $then = array_fill(0, count($day->tasks), []);
        foreach ($day->after as $number => $before) {
            foreach ($before as $one) {
                $then[$one][] = $number;
            }
        }
        $this->then = $then;
    }

    /** @param  list<array{float, float}>  $breaks */
    private static function calendar(int $count, float $from, float $to, array $breaks): Calendar
    {
        $calendar = new Calendar($count, $from, $to);
        foreach ($breaks as [$begin, $end]) {
            $calendar->take($begin, $end);
        }

        return $calendar;
    }

    /**
     * @param  Choice  $choice  priorities, and who checks what
     * @return array<int, Assignment>|int by number of the task; or the number of the first that could not be placed
     */
    public function decode(Choice $choice): array|int
    {
        $day = $this->day;
        $people = array_map(fn (Calendar $one): Calendar => clone $one, $this->people);
        $tools = array_map(fn (Calendar $one): Calendar => clone $one, $this->tools);
        $done = $builders = [];
        foreach ($day->frozen as $number => $one) {
            $done[$number] = $one;
            $this->keep($one, $people, $tools, $builders);
        }
        $open = [];
        /** @var SplMinHeap<array{float, int}> $ready */
        $ready = new SplMinHeap;
        foreach ($day->after as $number => $before) {
            $open[$number] = count(array_filter($before, fn (int $one): bool => ! isset($done[$one])));
            if ($open[$number] === 0 && ! isset($done[$number])) {
                $ready->insert([$choice->priorities[$number], $number]);
            }
        }
        while (! $ready->isEmpty()) {
            [, $number] = $ready->extract();
            $earliest = $day->now;
            foreach ($day->after[$number] as $one) {
                $earliest = max($earliest, $done[$one]->end + $day->lag($one, $number));
            }
            $assignment = $this->place($number, $earliest, $choice, $people, $tools, $builders);
            if ($assignment === null) {
                return $number;
            }
            $done[$number] = $assignment;
            $this->keep($assignment, $people, $tools, $builders);
            foreach ($this->then[$number] as $one) {
                if (--$open[$one] === 0 && ! isset($done[$one])) {
                    $ready->insert([$choice->priorities[$one], $one]);
                }
            }
        }

        return $done;
    }

    /**
     * The earliest that some people can do a task together; null where they cannot.
     *
     * @param  non-empty-list<int>  $who
     * @param  list<Calendar>  $people
     * @param  array<string, Calendar>  $tools
     */
    public static function together(Task $task, float $earliest, array $who, array $people, array $tools): ?float
    {
        $at = $earliest;
        do {
            $begin = $at;
            foreach ($who as $person) {
                $at = $people[$person]->earliest($at, $task->work);
            }
            if ($task->tool !== null) {
                $at = $tools[$task->tool]->earliest($at, $task->work);
            }
            if ($at === INF) {
                return null;
            }
        } while ($at > $begin + Calendar::HAIR);

        return $at;
    }

    /** @return list<Calendar> with nothing but the breaks in them */
    public function freePeople(): array
    {
        return array_map(fn (Calendar $one): Calendar => clone $one, $this->people);
    }

    /** @return array<string, Calendar> */
    public function freeTools(): array
    {
        return array_map(fn (Calendar $one): Calendar => clone $one, $this->tools);
    }

    /**
     * @param  list<Calendar>  $people
     * @param  array<string, Calendar>  $tools
     * @param  array<string, array<int, true>>  $builders
     */
    private function place(int $number, float $earliest, Choice $choice, array $people, array $tools, array $builders): ?Assignment
    {
        $task = $this->day->tasks[$number];
        $who = $choice->who($this->day, $number);
        if (count($who) < $task->people) {
            return null;
        }
        if ($task->people > 1) {
            return $this->placeSeveral($task, $earliest, $who, $people, $tools);
        }
        $best = null;
        [$least, $at] = [INF, 0.0];
        $known = $builders[$task->unit ?? ''] ?? [];
        $tool = $task->tool === null ? null : $tools[$task->tool];
        $first = $tool === null ? $earliest : $tool->earliest($earliest, $task->work);
        foreach ($who as $person) {
            $extra = $choice->bias * $this->sought[$person] + (isset($known[$person]) ? 0.0 : self::HANDOVER);
            if ($first + $extra >= $least) {
                continue;
            }
            $start = $people[$person]->earliest($first, $task->work);
            while ($tool !== null && $start < INF && ($then = $tool->earliest($start, $task->work)) > $start + Calendar::HAIR) {
                $start = $people[$person]->earliest($then, $task->work);
            }
            if ($start + $extra < $least) {
                [$best, $least, $at] = [$person, $start + $extra, $start];
            }
        }

        return $best === null ? null : new Assignment($task, $at, $at + $task->work, [$best]);
    }

    /**
     * @param  list<int>  $who
     * @param  list<Calendar>  $people
     * @param  array<string, Calendar>  $tools
     */
    private function placeSeveral(Task $task, float $earliest, array $who, array $people, array $tools): ?Assignment
    {
        $at = $earliest;
        while (true) {
            $starts = [];
            foreach ($who as $person) {
                $starts[$person] = self::together($task, $at, [$person], $people, $tools) ?? INF;
            }
            asort($starts);
            $latest = array_values($starts)[$task->people - 1];
            if ($latest === INF) {
                return null;
            }
            $free = array_keys(array_filter($starts, fn (float $start): bool => $start <= $latest + Calendar::HAIR));
            $chosen = array_slice($free, 0, $task->people);
            $start = $chosen === [] ? null : self::together($task, $latest, $chosen, $people, $tools);
            if ($chosen !== [] && $start !== null && $start <= $latest + Calendar::HAIR) {
                return new Assignment($task, $latest, $latest + $task->work, $chosen);
            }
            $at = $latest > $at + Calendar::HAIR ? $latest : $this->next($task, $at, $who, $people);
            if ($at === INF) {
                return null;
            }
        }
    }

    /**
     * The next minute at which somebody becomes free.
     *
     * @param  list<int>  $who
     * @param  list<Calendar>  $people
     */
    private function next(Task $task, float $at, array $who, array $people): float
    {
        $next = INF;
        foreach ($who as $person) {
            $then = $people[$person]->earliest($at + 2.0 * Calendar::HAIR, $task->work);
            $next = min($next, $then > $at + 3.0 * Calendar::HAIR ? $then : INF);
        }

        return $next;
    }

    /**
     * @param  list<Calendar>  $people
     * @param  array<string, Calendar>  $tools
     * @param  array<string, array<int, true>>  $builders
     */
    private function keep(Assignment $one, array $people, array $tools, array &$builders): void
    {
        foreach ($one->people as $person) {
            $people[$person]->take($one->start, $one->end);
            $builders[$one->task->unit ?? ''][$person] = true;
        }
        if ($one->task->tool !== null && isset($tools[$one->task->tool])) {
            $tools[$one->task->tool]->take($one->start, $one->end);
        }
    }
}
