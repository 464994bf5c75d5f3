<?php

declare(strict_types=1);

// A year of hourly steps: 100 single rooms, and one building of ten rooms with at most 48 states of flow. Beside each a
// plain scipy script doing the same work, as a ratio.

use Jornel\Core\Air\PerBin;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Room\AirState;
use Jornel\Core\Room\Building;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Series;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Room\Zone;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Bench.php';

const HOURS = 8760;
const ROOMS = 100;
const ZONES = 10;
const STATES = 48;

Bench::head();
$smoke = (new DataFiles(dirname(__DIR__, 2).'/data'))->pollutants()->get('wildfire-pm25');
$outdoor = array_map(fn (int $hour): PerBin => RoomAir::split($smoke, 20.0 + 15.0 * sin($hour / 24.0 * 2.0 * M_PI)), range(0, HOURS - 1));
$none = PerBin::same(0.0);

$rooms = Bench::seconds(function () use ($smoke, $outdoor, $none): float {
    $sum = 0.0;
    for ($room = 0; $room < ROOMS; $room++) {
        $space = new Enclosure(60.0 + $room, $smoke, ventilation: new Ventilation(0.5));
        $states = array_map(fn (int $speed): RoomAir => RoomAir::of($space, PerBin::same(0.05 * $speed)), range(0, 3));
        $series = Series::of($none, (function () use ($states, $outdoor, $none): iterable {
            foreach ($outdoor as $hour => $level) {
                yield [3600.0, $states[$hour % 4], $level, $none];
            }
        })());
        $sum += $series->end(HOURS - 1)->e1;
    }

    return $sum;
});
Bench::told(sprintf('%d rooms, a year of hourly steps', ROOMS), $rooms, 's', Bench::python('rooms.py', 'rooms'));

$made = 0;
$building = Bench::seconds(function () use ($outdoor, $none, &$made): float {
    $states = [];
    for ($state = 0; $state < STATES; $state++) {
        $zones = array_map(fn (int $zone): Zone => Zone::of("zone {$zone}", 40.0 + 10.0 * $zone, PerBin::same(($state + $zone) % 3 * 0.05), PerBin::of(RoomAir::DEPOSITION)), range(0, ZONES - 1));
        $flows = [];
        foreach (range(0, ZONES - 1) as $zone) {
            $flows[] = [$zone, ($zone + 1) % ZONES, 0.02 + 0.001 * $state];
            $flows[] = [null, $zone, 0.01];
            $flows[] = [$zone, null, 0.01];
        }
        $states[] = AirState::of($zones, $flows);
    }
    $sources = array_fill(0, ZONES, $none);
    $building = new Building;
    $last = 0.0;
    foreach ($building->run(array_fill(0, ZONES, $none), (function () use ($states, $outdoor, $sources): iterable {
        foreach ($outdoor as $hour => $level) {
            yield [3600.0, $states[$hour % STATES], $level, $sources];
        }
    })()) as $levels) {
        $last = $levels[0]->e1;
    }
    $made = $building->made();

    return $last;
});
Bench::told(sprintf('building of %d rooms, a year of hourly steps, %d states, %d propagators', ZONES, STATES, $made), $building, 's', Bench::python('rooms.py', 'building'));
