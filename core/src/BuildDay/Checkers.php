<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** Who checks which unit: somebody who did not build it, and without whom it can still be built. */
final class Checkers
{
    /**
     * Everybody checks about as many units as the others.
     *
     * @return array<int, list<int>> people by number of the task
     *
     * @throws InvalidDay where nobody is left to check a unit
     */
    public static function shared(Day $day): array
    {
        $checkers = [];
        $load = array_fill(0, count($day->people), 0.0);
        foreach ($day->checks as $unit => $checks) {
            foreach ($checks as $check) {
                $task = $day->tasks[$check];
                if (isset($day->frozen[$check])) {
                    $checkers[$check] = $day->frozen[$check]->people;

                    continue;
                }
                $sets = self::possible($day, (string) $unit, $check, $checkers);
                if ($sets === []) {
                    throw InvalidDay::nobodyToCheck($day->path($check), (string) $unit);
                }
                usort($sets, fn (array $one, array $other): int => array_sum(array_map(fn (int $person): float => $load[$person], $one)) <=> array_sum(array_map(fn (int $person): float => $load[$person], $other)));
                $checkers[$check] = $sets[0];
                foreach ($sets[0] as $person) {
                    // Beside what they do, people who can do less have more time to check.
                    $load[$person] += $task->work + 1.0 / (1 + count($day->people[$person]->skills));
                }
            }
        }

        return $checkers;
    }

    /**
     * Those of a schedule.
     *
     * @return array<int, list<int>> people by number of the task
     */
    public static function kept(Day $day, Schedule $schedule): array
    {
        $checkers = [];
        foreach ($day->checks as $checks) {
            foreach ($checks as $check) {
                $checkers[$check] = ($day->frozen[$check] ?? $schedule->assignments[$check])->people;
            }
        }

        return $checkers;
    }

    /**
     * People who may do a check together so that the unit can still be built by the others.
     *
     * @param  array<int, list<int>>  $others  who does the other checks, as far as it is settled
     * @return list<list<int>>
     */
    public static function possible(Day $day, string $unit, int $check, array $others): array
    {
        $built = [];
        foreach ($day->frozen as $number => $one) {
            if ($one->task->unit === $unit && ! $one->task->isCheck) {
                $built += array_flip($one->people);
            }
        }
        $able = array_values(array_filter($day->able[$check], fn (int $person): bool => ! isset($built[$person])));
        $taken = [];
        foreach ($day->checks[$unit] as $one) {
            if ($one !== $check) {
                array_push($taken, ...$others[$one] ?? []);
            }
        }
        $sets = self::sets($able, $day->tasks[$check]->people);
        // Who checks already checks on, if they can: it leaves the most to build.
        usort($sets, fn (array $one, array $other): int => count(array_diff($one, $taken)) <=> count(array_diff($other, $taken)));

        return array_values(array_filter($sets, fn (array $set): bool => self::canBeBuilt($day, $unit, [...$set, ...$taken])));
    }

    /** @param  list<int>  $without  people who check it */
    private static function canBeBuilt(Day $day, string $unit, array $without): bool
    {
        foreach ($day->tasks as $number => $task) {
            if ($task->unit === $unit && ! $task->isCheck && ! isset($day->frozen[$number]) && count(array_diff($day->able[$number], $without)) < $task->people) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<int>  $able
     * @return list<list<int>>
     */
    private static function sets(array $able, int $size): array
    {
        if ($size === 1) {
            return array_map(fn (int $one): array => [$one], $able);
        }
        $sets = [];
        foreach ($able as $place => $one) {
            foreach (self::sets(array_slice($able, $place + 1), $size - 1) as $rest) {
                $sets[] = [$one, ...$rest];
            }
        }

        return $sets;
    }
}
