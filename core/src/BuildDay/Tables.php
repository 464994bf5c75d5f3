<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/**
 * Where tasks are done: what takes a shared tool, at the place of that tool; all else at the table of its unit. A unit has its
 * table from its first task there to its last; where there are more units than tables at once, the table that is taken the
 * shortest is shared.
 */
final class Tables
{
    /**
     * @param  int  $tables  1 or more
     * @return array<int, string> place of each task, by its number: `Table 2`, or the tool
     */
    public static function of(Schedule $schedule, int $tables): array
    {
        $spans = $places = [];
        foreach ($schedule->assignments as $number => $one) {
            if ($one->task->tool !== null) {
                $places[$number] = mb_strtoupper(mb_substr($one->task->tool, 0, 1)).mb_substr($one->task->tool, 1);

                continue;
            }
            $unit = $one->task->unit ?? '';
            $spans[$unit] = isset($spans[$unit]) ? [min($spans[$unit][0], $one->start), max($spans[$unit][1], $one->end)] : [$one->start, $one->end];
        }
        uasort($spans, fn (array $one, array $other): int => $one <=> $other);
        $taken = array_fill(1, max(1, $tables), 0.0);
        $table = [];
        foreach ($spans as $unit => [, $end]) {
            $free = array_keys($taken, min($taken), true)[0];
            $table[$unit] = $free;
            $taken[$free] = max($taken[$free], $end);
        }
        foreach ($schedule->assignments as $number => $one) {
            $places[$number] ??= 'Table '.$table[$one->task->unit ?? ''];
        }
        ksort($places);

        return $places;
    }
}
