<?php

/*
 * How the pages of units grow with the units that a programme has finished: `./jornel bench pages`. Copies a finished unit of the
 * demo with all its ticks, asks as a signed-in organiser would, and prints milliseconds and how many times as long a hundred times
 * as many took. Wanted: at most 1.3 times.
 */

use App\Actions\UnitSteps;
use App\Models\Person;
use App\Models\Unit;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
require __DIR__.'/ask.php';
$app->make(Console::class)->bootstrap();

const COUNTS = [10, 1_000];
const RUNS = 15;

/** Median of several times, ms. */
function median(Closure $ask): float
{
    $ask();
    $times = [];
    for ($run = 0; $run < RUNS; $run++) {
        $began = hrtime(true);
        $ask();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);

    return $times[intdiv(RUNS, 2)];
}

/** Units like one, with all that was told of it, until there are so many in its programme. */
function finish(Unit $like, int $count): void
{
    $ticks = DB::table('unit_ticks')->where('unit_id', $like->id)->get();
    $steps = DB::table('unit_steps')->where('unit_id', $like->id)->get();
    $pattern = array_diff_key((array) DB::table('units')->where('id', $like->id)->first(), ['id' => 0]);
    $number = (int) DB::table('units')->where('programme_id', $like->programme_id)->max('number');
    for ($there = DB::table('units')->where('programme_id', $like->programme_id)->count(); $there < $count; $there++) {
        $id = DB::table('units')->insertGetId(['number' => ++$number, 'token' => Str::random(22)] + $pattern);
        DB::table('unit_ticks')->insert($ticks->map(fn (object $tick): array => ['unit_id' => $id, 'photo_id' => null] + array_diff_key((array) $tick, ['id' => 0]))->all());
        DB::table('unit_steps')->insert($steps->map(fn (object $step): array => ['unit_id' => $id] + (array) $step)->all());
    }
}

$like = Unit::query()->whereNotNull('made_at')->whereHas('ticks')->orderBy('id')->firstOrFail();
UnitSteps::record($like, array_column($like->guide, 'id'));
$open = Unit::query()->where('programme_id', $like->programme_id)->whereNull('made_at')->first() ?? $like;
Auth::guard('web')->setUser(Person::query()->where('email', config()->string('jornel.demo_person'))->firstOrFail());
$table = [];
foreach (COUNTS as $count) {
    fwrite(STDERR, "Finishing {$count} units\n");
    finish($like, $count);
    $step = $open->guide[0]['id'];
    $questions = [
        'a unit' => fn () => ask('GET', "units/{$open->id}"),
        'a tick' => fn () => DB::transaction(fn () => ask('POST', "units/{$open->id}/ticks", ['ticks' => [['key' => Str::random(16), 'step' => $step, 'kind' => 'note', 'text' => 'a', 'at' => (int) now()->valueOf()]]])),
        'the guide of a version' => fn () => ask('GET', "versions/{$like->version_id}/guide"),
        'the list of units' => fn () => ask('GET', "programmes/{$like->programme_id}/units"),
        'a proof' => fn () => ask('GET', "units/{$like->id}/proof"),
    ];
    foreach ($questions as $name => $question) {
        $table[$name][] = median($question);
    }
}
printf("%-30s %14s %14s %8s\n", 'ms (median of '.RUNS.')', ...[...array_map(fn (int $count): string => number_format($count).' units', COUNTS), 'times']);
foreach ($table as $name => [$small, $large]) {
    printf("%-30s %14.1f %14.1f %8.1f\n", $name, $small, $large, $large / $small);
}
