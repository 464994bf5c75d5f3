<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** A task put to another time or given to somebody else by hand: what comes after it is planned anew in its order, or it says why not. */
final class Move
{
    /**
     * @param  int  $number  of the task
     * @param  float  $start  minute of the day
     * @param  non-empty-list<int>  $people
     *
     * @throws InvalidDay
     */
    public static function put(Schedule $schedule, int $number, float $start, array $people): Schedule
    {
        $day = $schedule->day;
        $task = $day->tasks[$number];
        $moved = new Assignment($task, $start, $start + $task->work, $people);
        self::mustGo($schedule, $number, $moved);
        $frozen = $day->frozen + [$number => $moved];
        $waiting = self::waitingFor($day, $number);
        foreach ($schedule->assignments as $other => $one) {
            if ($other !== $number && ! isset($waiting[$other]) && $one->start < $start - Calendar::HAIR && ! self::clashes($one, $moved)) {
                $frozen[$other] ??= $one;
            }
        }
        $again = $day->from($day->now, $frozen);
        $choice = new Choice(
            array_map(fn (int $other): float => $schedule->assignments[$other]->start + 1e-6 * $other, array_keys($day->tasks)),
            Checkers::kept($again, $schedule),
        );
        $done = (new Decoder($again))->decode($choice);
        if (! is_array($done)) {
            throw InvalidDay::noTime($day->path($done), $day->tasks[$done]->id);
        }

        return new Schedule($day, $done);
    }

    /** @return array<int, true> numbers of the tasks that wait for one, by way of others too */
    private static function waitingFor(Day $day, int $number): array
    {
        $waiting = [];
        foreach ($day->order as $one) {
            foreach ($day->after[$one] as $before) {
                if ($before === $number || isset($waiting[$before])) {
                    $waiting[$one] = true;
                }
            }
        }

        return $waiting;
    }

    private static function clashes(Assignment $one, Assignment $other): bool
    {
        return $one->end > $other->start + Calendar::HAIR && $one->start < $other->end - Calendar::HAIR && array_intersect($one->people, $other->people) !== [];
    }

    /** @throws InvalidDay */
    private static function mustGo(Schedule $schedule, int $number, Assignment $moved): void
    {
        $day = $schedule->day;
        $task = $moved->task;
        if (isset($day->frozen[$number])) {
            throw InvalidDay::doneAlready($task->id);
        }
        if (count($moved->people) !== $task->people) {
            throw InvalidDay::tooFewPeople('people', $task->people, count($moved->people));
        }
        foreach ($moved->people as $person) {
            $who = $day->people[$person];
            match (true) {
                $task->isForAdults && ! $who->isAdult => throw InvalidDay::notHe($who->name, 'is no adult: blades and hot glue are for adults only'),
                ! $who->can($task) => throw InvalidDay::notHe($who->name, "has not the skill “{$task->skill}”"),
                $moved->start < $who->from - Calendar::HAIR || $moved->end > $who->to + Calendar::HAIR => throw InvalidDay::notHe($who->name, 'is not there at that time'),
                self::worksOnBothSides($schedule, $number, $person) => throw InvalidDay::notHe($who->name, $task->isCheck ? 'built this unit: somebody else checks it' : 'checks this unit, and does nothing else on it'),
                default => null,
            };
        }
        if ($moved->start < $day->now - Calendar::HAIR) {
            throw InvalidDay::before($day->now);
        }
        foreach ($day->breaks as [$from, $to]) {
            if ($moved->start < $to - Calendar::HAIR && $moved->end > $from + Calendar::HAIR) {
                throw InvalidDay::inBreak($from, $to);
            }
        }
        foreach ($day->after[$number] as $one) {
            $holds = $schedule->assignments[$one]->end + $day->tasks[$one]->wait;
            if ($moved->start < $holds - Calendar::HAIR) {
                throw InvalidDay::waits($day->tasks[$one]->id, $holds);
            }
        }
    }

    /** Whether somebody checks a unit and builds it. */
    private static function worksOnBothSides(Schedule $schedule, int $number, int $person): bool
    {
        $task = $schedule->day->tasks[$number];
        foreach ($schedule->assignments as $other => $one) {
            if ($other !== $number && $task->unit !== null && $one->task->unit === $task->unit && $one->task->isCheck !== $task->isCheck && in_array($person, $one->people, true)) {
                return true;
            }
        }

        return false;
    }
}
