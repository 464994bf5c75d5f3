<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\BuildDay;

use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\InvalidDay;
use Jornel\Core\BuildDay\Person;
use Jornel\Core\BuildDay\Task;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up build days from a seed. */
final class DaySets
{
    /**
     * A day that can be, of a few tasks with whole minutes.
     *
     * @param  int  $tasks  1 or more
     */
    public static function few(int $seed, int $tasks): Day
    {
        for ($try = 0; ; $try++) {
            $random = new Randomizer(new Mt19937(1000 * $seed + $try));
            $is = fn (int $percent): bool => $random->getInt(1, 100) <= $percent;
            $all = [];
            for ($number = 0; $number < $tasks; $number++) {
                $after = [];
                for ($other = 0; $other < $number; $other++) {
                    if ($is(30)) {
                        $after[] = "t{$other}";
                    }
                }
                $all[] = new Task(
                    "t{$number}", (float) $random->getInt(1, 4), $is(25) ? (float) $random->getInt(1, 3) : 0.0, $after,
                    $is(40) ? ['cutting', 'gluing'][$random->getInt(0, 1)] : null, $is(40) ? ['knife', 'gun'][$random->getInt(0, 1)] : null,
                    $is(20), ['a', 'b'][$random->getInt(0, 1)], $is(15), $is(15) ? 2 : 1,
                );
            }
            $people = [];
            for ($number = 0, $count = $random->getInt(2, 3); $number < $count; $number++) {
                $people[] = new Person("p{$number}", array_values(array_filter(['cutting', 'gluing'], fn (): bool => $is(70))), $is(75), $is(20) ? (float) $random->getInt(1, 4) : 0.0);
            }
            try {
                return Day::of($all, $people, ['knife' => 1, 'gun' => $random->getInt(1, 2)], $is(40) ? [[$from = (float) $random->getInt(2, 6), $from + $random->getInt(1, 3)]] : []);
            } catch (InvalidDay) {
                continue;
            }
        }
    }

    /** A day of several units with a common way of making them. */
    public static function many(int $seed, int $units, int $people): Day
    {
        $random = new Randomizer(new Mt19937($seed));
        $is = fn (int $percent): bool => $random->getInt(1, 100) <= $percent;
        $tasks = [];
        for ($unit = 1; $unit <= $units; $unit++) {
            $steps = $random->getInt(6, 14);
            for ($step = 0; $step < $steps; $step++) {
                $after = [];
                if ($step > 0) {
                    $after[] = "{$unit}.".$random->getInt(max(0, $step - 3), $step - 1);
                }
                $isCheck = $step === $steps - 1;
                $tool = $is(30) ? ['knife', 'glue gun'][$random->getInt(0, 1)] : null;
                $tasks[] = new Task(
                    "{$unit}.{$step}", $random->getInt(2, 24) / 2.0, $tool === 'glue gun' ? 1.5 : 0.0, $after,
                    $isCheck ? 'checking' : ($tool === 'knife' ? 'cutting' : ($is(40) ? 'taping' : null)), $tool, $tool !== null, (string) $unit, $isCheck, $is(5) ? 2 : 1,
                );
            }
        }
        $all = [];
        for ($number = 0; $number < $people; $number++) {
            $skills = $number < 3 ? ['cutting', 'taping', 'checking'] : array_values(array_filter(['cutting', 'taping', 'checking'], fn (): bool => $is(50)));
            $all[] = new Person("p{$number}", $skills, $number < 3 || $is(75), $is(15) ? (float) $random->getInt(5, 40) : 0.0);
        }

        return Day::of($tasks, $all, ['knife' => $random->getInt(1, 2), 'glue gun' => 1], [[60.0, 75.0]]);
    }
}
