<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\BuildDay;

use Jornel\Core\BuildDay\Assignment;
use Jornel\Core\BuildDay\Day;

/** Goes over a schedule by every rule of a build day, knowing nothing of how it was made. */
final class DayCheck
{
    private const HAIR = 1e-6;

    /**
     * @param  array<int, Assignment>  $done  by number of the task
     * @return list<string> what is wrong
     */
    public static function faults(Day $day, array $done): array
    {
        $faults = [];
        $numbers = [];
        foreach ($day->tasks as $number => $task) {
            $numbers[$task->id] = $number;
            if (! isset($done[$number])) {
                $faults[] = "{$task->id} is not done";
            }
        }
        if ($faults !== []) {
            return $faults;
        }
        foreach ($day->tasks as $number => $task) {
            [$start, $end, $people] = [$done[$number]->start, $done[$number]->end, $done[$number]->people];
            if ($start < -self::HAIR || abs($end - $start - $task->work) > self::HAIR) {
                $faults[] = "{$task->id} takes another time";
            }
            foreach ($task->after as $id) {
                $before = $numbers[$id];
                if ($start < $done[$before]->end + $day->tasks[$before]->wait - self::HAIR) {
                    $faults[] = "{$task->id} begins before {$id} holds";
                }
            }
            if (count($people) !== $task->people || count(array_unique($people)) !== $task->people) {
                $faults[] = "{$task->id} is done by another number of people";
            }
            foreach ($people as $person) {
                $who = $day->people[$person];
                if ($task->isForAdults && ! $who->isAdult) {
                    $faults[] = "{$who->name} is too young for {$task->id}";
                }
                if ($task->skill !== null && ! in_array($task->skill, $who->skills, true)) {
                    $faults[] = "{$who->name} cannot do {$task->id}";
                }
                if ($start < $who->from - self::HAIR || $end > $who->to + self::HAIR) {
                    $faults[] = "{$who->name} is not there for {$task->id}";
                }
            }
            foreach ($day->breaks as [$from, $to]) {
                if ($end - $start > self::HAIR && $start < $to - self::HAIR && $end > $from + self::HAIR) {
                    $faults[] = "{$task->id} goes through a break";
                }
            }
            foreach ($day->tasks as $other => $one) {
                if ($other <= $number) {
                    continue;
                }
                $isSame = $task->unit !== null && $task->unit === $one->unit && $task->isCheck !== $one->isCheck;
                $both = array_intersect($people, $done[$other]->people);
                if ($isSame && $both !== []) {
                    $faults[] = "who builds {$task->unit} checks it: {$task->id}, {$one->id}";
                }
                if ($both !== [] && $start < $done[$other]->end - self::HAIR && $done[$other]->start < $end - self::HAIR) {
                    $faults[] = "somebody does {$task->id} and {$one->id} at once";
                }
            }
        }

        return [...$faults, ...self::tools($day, $done)];
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return list<string>
     */
    private static function tools(Day $day, array $done): array
    {
        $faults = [];
        foreach ($day->tools as $tool => $count) {
            $taken = array_filter($done, fn (Assignment $one): bool => $one->task->tool === $tool && $one->end > $one->start);
            foreach ($taken as $one) {
                $at = $one->start + self::HAIR;
                $used = count(array_filter($taken, fn (Assignment $other): bool => $other->start <= $at && $other->end > $at));
                if ($used > $count) {
                    $faults[] = "{$used} × {$tool} at minute {$one->start}";
                }
            }
        }

        return $faults;
    }
}
