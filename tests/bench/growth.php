<?php

/*
 * How the pages of a programme grow with it: `./jornel bench pages`. Fills the database it is given (the tests' own) with rooms
 * and movements, asks as a signed-in organiser would, and prints milliseconds and how many times as much work took how many
 * times as long. Wanted: programme and stock under 200 ms at 4,000 rooms and a million movements.
 */

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
require __DIR__.'/ask.php';
$app->make(Console::class)->bootstrap();
// What is worked out behind the page is no part of it.
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);

const SITES = 40;
const SIZES = [[400, 10_000], [4_000, 1_000_000]];
const RUNS = 9;

$person = Person::factory()->create();

/** Median of several times, and the first, ms. */
function timed(Closure $ask): array
{
    $times = [];
    for ($run = 0; $run < RUNS; $run++) {
        $began = hrtime(true);
        $ask();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    $first = $times[0];
    sort($times);

    return [$times[intdiv(RUNS, 2)], $first];
}

/** Rooms with something in them, spread over sites; movements of three parts, with the balance they come to. */
function programme(Person $person, int $rooms, int $movements): Programme
{
    $programme = Programme::factory()->create(['name' => "{$rooms} rooms"]);
    $programme->people()->attach($person->id, ['role' => Role::Organiser->value]);
    $pattern = Room::factory()->for(Site::factory()->for($programme))->create()->getAttributes();
    $sites = [$pattern['site_id']];
    for ($site = 2; $site <= SITES; $site++) {
        $sites[] = $programme->sites()->create(['name' => "Site {$site}"])->id;
    }
    unset($pattern['id']);
    for ($made = 1; $made < $rooms; $made += count($rows)) {
        $rows = [];
        for ($i = 0; $i < min(500, $rooms - $made); $i++) {
            $rows[] = ['name' => 'Room '.($made + $i), 'site_id' => $sites[($made + $i) % SITES]] + $pattern;
        }
        DB::table('rooms')->insert($rows);
    }
    $ids = DB::table('rooms')->whereIn('site_id', $sites)->pluck('id');
    foreach ($ids->chunk(500) as $chunk) {
        DB::table('placements')->insert($chunk->map(fn ($id) => ['room_id' => $id, 'position' => 0, 'count' => 1 + $id % 4, 'speed' => '', 'bought' => json_encode(['name' => 'Tower', 'clean_air' => '200 cfm', 'level' => '48 dBA', 'power' => '40 W', 'refill_price' => '35', 'refill_months' => '6', 'width' => '', 'depth' => '', 'height' => ''])])->all());
        DB::table('builds')->insert($chunk->map(fn ($id) => ['room_id' => $id, 'name' => 'Cube'])->all());
    }
    $builds = DB::table('builds')->whereIn('room_id', $ids)->pluck('id')->all();
    $parts = [['filter', '20x20x1-g13-dense'], ['filter', '20x20x2-g13'], ['fan', 'box-20-plain']];
    $lines = [];
    for ($made = 0; $made < $movements; $made += count($rows)) {
        $rows = [];
        for ($i = 0; $i < min(5000, $movements - $made); $i++) {
            [$kind, $code] = $parts[($made + $i) % 3];
            $build = $builds[intdiv($made + $i, 6) % count($builds)];
            // Two come, one of them goes into a build.
            $used = intdiv($made + $i, 3) % 2 === 1;
            $rows[] = ['programme_id' => $programme->id, 'kind' => $kind, 'code' => $code, 'move' => $used ? 'used' : 'bought', 'pieces' => $used ? 1 : 2, 'build_id' => $used ? $build : null, 'note' => '', 'person_id' => $person->id];
            $lines["{$kind} {$code}"] = ($lines["{$kind} {$code}"] ?? 0) + ($used ? -1 : 2);
            if ($used) {
                $held["{$kind} {$code} {$build}"] = ($held["{$kind} {$code} {$build}"] ?? 0) + 1;
            }
        }
        DB::table('stock_movements')->insert($rows);
    }
    foreach ($lines as $part => $onHand) {
        [$kind, $code] = explode(' ', $part);
        DB::table('stock_levels')->insert(['programme_id' => $programme->id, 'kind' => $kind, 'code' => $code, 'on_hand' => $onHand, 'reserved' => 0]);
    }
    foreach (array_chunk($held ?? [], 1000, true) as $chunk) {
        DB::table('stock_holdings')->insert(array_map(function (string $key, int $used) use ($programme): array {
            [$kind, $code, $build] = explode(' ', $key);

            return ['programme_id' => $programme->id, 'kind' => $kind, 'code' => $code, 'build_id' => (int) $build, 'reserved' => 0, 'used' => $used];
        }, array_keys($chunk), $chunk));
    }

    return $programme;
}

$table = [];
foreach (SIZES as [$rooms, $movements]) {
    fwrite(STDERR, "Making {$rooms} rooms and {$movements} movements\n");
    $programme = programme($person, $rooms, $movements);
    Auth::guard('web')->setUser($person->fresh());
    $id = $programme->id;
    $site = $programme->sites()->value('id');
    $middle = intdiv((int) DB::table('stock_movements')->where('programme_id', $id)->max('id') + (int) DB::table('stock_movements')->where('programme_id', $id)->min('id'), 2);
    $began = hrtime(true);
    ask('GET', "programmes/{$id}");
    $table['programme, the first visit'][] = (hrtime(true) - $began) / 1e6;
    $app->make(App\Actions\Assess::class)->missing($programme, $rooms);
    $questions = [
        'programme' => fn () => ask('GET', "programmes/{$id}"),
        'further rooms of a site' => fn () => ask('GET', "sites/{$site}/rooms?after=1"),
        'names of rooms of a site' => fn () => ask('GET', "sites/{$site}/room-names"),
        'stock' => fn () => ask('GET', "programmes/{$id}/stock"),
        'movements in the middle' => fn () => ask('GET', "programmes/{$id}/stock/movements?before={$middle}"),
        'builds by their words' => fn () => ask('GET', "programmes/{$id}/stock/builds?search=17+cube"),
        'one movement more' => fn () => DB::transaction(fn () => ask('POST', "programmes/{$id}/stock", ['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => 1])),
    ];
    foreach ($questions as $name => $question) {
        [$median] = timed($question);
        $table[$name][] = $median;
    }
}
printf("%-30s %14s %14s %8s\n", 'ms (median of '.RUNS.')', ...[...array_map(fn (array $size): string => number_format($size[0]).' rooms', SIZES), 'times']);
foreach ($table as $name => [$small, $large]) {
    printf("%-30s %14.1f %14.1f %8.1f\n", $name, $small, $large, $large / $small);
}
printf("(ten times the rooms, a hundred times the movements: %s and %s)\n", number_format(SIZES[0][1]), number_format(SIZES[1][1]));
