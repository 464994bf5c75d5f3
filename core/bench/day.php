<?php

declare(strict_types=1);

// Build days of thirty fixed sets, each with how far it lies above its lower bound; and forty units with twenty people: how
// soon the first plan is there, and how much the search shortens it. ./jornel bench runs it.

use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\Person;
use Jornel\Core\BuildDay\Planner;
use Jornel\Core\BuildDay\Schedule;
use Jornel\Core\BuildDay\UnitTasks;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Tests\BuildDay\DaySets;
use Jornel\Core\Tests\Sample;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$planned = function (Day $day, float $budget): array {
    $began = hrtime(true);
    $clock = fn (): float => (hrtime(true) - $began) / 1e6;
    $first = null;
    $plan = Planner::plan($day, $budget, $clock, function (Schedule $schedule) use (&$first, $clock): bool {
        $first ??= [$schedule->length(), $clock()];

        return true;
    });

    return [$plan, $first ?? [$plan->schedule->length(), $clock()], $clock()];
};

printf("%-28s %8s %8s %8s %8s\n", 'thirty sets, half a second', 'first', 'planned', 'bound', 'ratio');
$ratios = [];
foreach (range(1, 30) as $seed) {
    [$plan, $first] = $planned($day = DaySets::many($seed, 2 + $seed % 9, 4 + $seed % 5), 500.0);
    $ratios[] = $ratio = $plan->schedule->length() / max($plan->bound, 1e-9);
    printf("%2d: %3d tasks, %2d people       %8.1f %8.1f %8.1f %8.3f\n", $seed, count($day->tasks), count($day->people), $first[0], $plan->schedule->length(), $plan->bound, $ratio);
}
printf("mean ratio to the bound %.3f, worst %.3f, at the bound %d of 30\n\n", array_sum($ratios) / 30.0, max($ratios), count(array_filter($ratios, fn (float $ratio): bool => $ratio < 1.0 + 1e-9)));

$tools = ['knife' => 4, 'glue gun' => 3, 'screwdriver' => 3];
$kinds = [
    [20, Sample::design()],
    [10, Sample::design('tall-box', filter: '20x25x1-g13-economy', joining: 'hot-glue')],
    [10, Sample::design('array-box', 'pc-120')],
];
$began = hrtime(true);
$guides = array_map(fn (array $kind): Guide => Guide::of($kind[1], Sample::catalogue()), $kinds);
printf("a guide takes %.1f ms\n", (hrtime(true) - $began) / 1e6 / count($guides));
$tasks = [];
$unit = 0;
foreach ($kinds as $number => [$count]) {
    for (; $count > 0; $count--) {
        array_push($tasks, ...UnitTasks::of($guides[$number], (string) ++$unit, $tools));
    }
}
$people = array_map(fn (int $number): Person => new Person(
    "person {$number}",
    ['taping', ...$number % 2 === 1 ? ['checking'] : [], ...$number % 3 === 0 ? ['cutting', 'gluing'] : [], ...$number % 5 === 0 ? ['wiring'] : []],
    $number < 15,
), range(0, 19));
[$plan, $first, $took] = $planned(Day::of($tasks, $people, $tools, [[120.0, 150.0]]), 4500.0);
printf("40 units, 20 people, %d tasks: first plan of %.0f min after %.2f s; after %.2f s %.0f min, %.2f times its bound of %.0f\n", count($tasks), $first[0], $first[1] / 1000.0, $took / 1000.0, $plan->schedule->length(), $plan->schedule->length() / $plan->bound, $plan->bound);
