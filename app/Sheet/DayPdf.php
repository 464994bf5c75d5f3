<?php

namespace App\Sheet;

use App\Actions\BuildDays;
use App\Models\BuildDay;
use Jornel\Core\Quantity\System;

/** A build day on paper: the run sheet of the organiser, a card for each person, parts and tools of each table. */
final class DayPdf
{
    /** @param  array<string, mixed>  $told  as it is answered */
    public static function of(BuildDay $day, array $told, BuildDays $days, System $measure): string
    {
        $tasks = is_array($told['plan']) ? $told['plan']['tasks'] : [];
        $cards = $tables = [];
        foreach ($tasks as $task) {
            foreach ($task['people'] as $name) {
                $cards[$name][] = $task;
            }
            [$parts, $tools] = $days->takes($task['id'], $day);
            foreach ($parts as $part) {
                $tables[$task['place']]['parts'][$part] = ($tables[$task['place']]['parts'][$part] ?? []) + ["Unit {$task['unit']}" => true];
            }
            foreach ($tools as $tool) {
                $tables[$task['place']]['tools'][$tool] = true;
            }
        }
        ksort($tables);

        return (string) PaperPdf::of('day', ['day' => $day, 'plan' => $told['plan'], 'tasks' => $tasks, 'cards' => $cards, 'tables' => $tables], $measure)->output();
    }
}
