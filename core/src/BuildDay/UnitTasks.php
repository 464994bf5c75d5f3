<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use Jornel\Core\Guide\Guide;

/** The steps of a unit as tasks of a build day. */
final class UnitTasks
{
    /**
     * @param  string  $unit  its name among those of the day
     * @param  array<string, int>  $tools  that are shared; of several that a step takes the rarest counts
     * @param  string  $path  where the unit was told, for a fault
     * @param  array<string, float>  $minutes  learned, by id of the step, in place of the typical ones
     * @return non-empty-list<Task>
     */
    public static function of(Guide $guide, string $unit, array $tools, string $path = '', array $minutes = []): array
    {
        $tasks = [];
        foreach ($guide->steps as $step) {
            $shared = array_intersect_key($tools, array_flip($step->step->tools()));
            asort($shared);
            $tasks[] = new Task(
                self::id($unit, $step->id()),
                $minutes[$step->id()] ?? $step->step->minutes(),
                $step->step->wait,
                array_map(fn (string $id): string => self::id($unit, $id), $step->after),
                $step->skill(),
                array_key_first($shared),
                $step->step->isForAdults(),
                $unit,
                $step->step->isCheck,
                1,
                $path,
            );
        }

        return $tasks;
    }

    public static function id(string $unit, string $step): string
    {
        return "{$unit}.{$step}";
    }
}
