<?php

namespace Database\Seeders;

use App\Actions\BuildDays;
use App\Actions\Evaluate;
use App\Actions\Guides;
use App\Actions\SaveVersion;
use App\Actions\Shelf;
use App\Actions\UnitSteps;
use App\Models\Build;
use App\Models\BuildDay;
use App\Models\Meter;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Jornel\Core\Guide\TickKind;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Part\PurifierEntry;
use Jornel\Core\Quantity\System;

/** The demo programme, once. */
class DatabaseSeeder extends Seeder
{
    public const PASSWORD = 'reed-and-willow';

    public function run(SaveVersion $save, Evaluate $evaluate, Shelf $shelf, Guides $guides, BuildDays $days, DemoProof $proof): void
    {
        Artisan::call('jornel:catalogue');
        if (! config()->boolean('jornel.demo') || Programme::query()->exists()) {
            return;
        }
        /** @var array{programme: array<string, string>, meters: list<array{name: string, tells: string, address: string, field: string, unit: string}>, units: list<array{room: string, name: string, by: string, days_ago: int, done: int, made: bool, open: bool, proof?: 'proved'|'refused'|'half', note?: array{step: string, text: string}}>, days: list<array{name: string, at: string, tables: int, units: list<array{room: string, count: int}>, people: list<array<string, mixed>>, tools: array<string, int>, breaks: list<array{from: int, to: int}>}>, stock: list<array{kind: string, code: string, move: string, pieces: int, build?: string, note?: string}>, people: list<array{name: string, email: string, role: string}>, sites: list<array{name: string, rooms: list<array{entries: array<string, mixed>, goal: string, build?: array<string, mixed>, bought?: list<array<string, mixed>>}>}>} $scenario */
        $scenario = json_decode(File::get(config()->string('jornel.data').'/demo/scenario.json'), true, 32, JSON_THROW_ON_ERROR);
        $programme = Programme::query()->create($scenario['programme']);
        foreach ($scenario['people'] as $person) {
            $programme->people()->attach(
                Person::query()->create(['name' => $person['name'], 'email' => $person['email'], 'password' => self::PASSWORD])->id,
                ['role' => $person['role']],
            );
        }
        $organiser = $programme->people()->firstOrFail()->refresh();
        foreach ($scenario['sites'] as $row) {
            $site = $programme->sites()->create(['name' => $row['name']]);
            foreach ($row['rooms'] as $room) {
                $this->room($site, $room, $organiser, $save, $evaluate);
            }
            $this->joinByDoors($site);
        }
        foreach ($scenario['stock'] as $row) {
            $build = isset($row['build']) ? Build::query()->whereHas('room', fn ($room) => $room->where('name', $row['build']))->firstOrFail() : null;
            $shelf->move($programme, $organiser, PartKind::from($row['kind']), $row['code'], StockMove::from($row['move']), $row['pieces'], $build, $row['note'] ?? '');
        }
        foreach ($scenario['meters'] as $meter) {
            Meter::query()->create($meter + ['programme_id' => $programme->id, 'driver' => 'stand-in', 'person_id' => $organiser->id]);
        }
        foreach ($scenario['units'] as $row) {
            $this->unit($row, $guides, $proof);
        }
        foreach ($scenario['days'] as $row) {
            $versions = array_map(fn (array $one): array => ['version' => Build::query()->whereHas('room', fn ($room) => $room->where('name', $one['room']))->firstOrFail()->latest->id, 'count' => $one['count']], $row['units']);
            $day = BuildDay::query()->create([
                'programme_id' => $programme->id, 'person_id' => $organiser->id, 'name' => $row['name'], 'starts_at' => now()->next('Saturday')->setTimeFromTimeString($row['at']),
                'written' => ['units' => $versions, 'people' => $row['people'], 'tools' => $row['tools'], 'tables' => $row['tables'], 'breaks' => $row['breaks']],
            ]);
            $plan = $days->plan($day->refresh(), 600.0);
            $day->update(['plan' => BuildDays::kept($plan->schedule, $plan->bound, $plan->why)]);
        }
    }

    /** @param  array{room: string, name: string, by: string, days_ago: int, done: int, made: bool, open: bool, proof?: 'proved'|'refused'|'half', note?: array{step: string, text: string}}  $row */
    private function unit(array $row, Guides $guides, DemoProof $proof): void
    {
        $by = Person::query()->where('email', $row['by'])->firstOrFail();
        $build = Build::query()->whereHas('room', fn ($room) => $room->where('name', $row['room']))->firstOrFail();
        $unit = $guides->begin($build->latest->load('build.room.site.programme.parts'), $by, $row['name']);
        $steps = array_slice($unit->guide, 0, $row['done']);
        // It ends a quarter of an hour before now, so that nobody’s clock is ahead of it.
        $at = now()->subDays($row['days_ago'])->subMinutes(15 + (int) array_sum(array_column($steps, 'minutes')));
        $unit->update(['started_at' => $at, 'is_open' => $row['open']]);
        foreach ($steps as $step) {
            $tell = fn (TickKind $kind, ?int $hold = null, string $text = '') => $unit->ticks()->create(['key' => Str::random(16), 'step' => $step['id'], 'kind' => $kind, 'hold' => $hold, 'text' => $text, 'person_id' => $by->id, 'told_at' => $at]);
            $tell(TickKind::Begun);
            $at = $at->copy()->addSeconds((int) round(60.0 * $step['minutes']));
            foreach (array_keys($step['holds']) as $hold) {
                $tell(TickKind::Seen, $hold);
            }
            if (($row['note']['step'] ?? '') === $step['id']) {
                $tell(TickKind::Note, null, $row['note']['text'] ?? '');
            }
            $tell(TickKind::Done);
        }
        UnitSteps::record($unit, array_column($steps, 'id'));
        if ($row['made']) {
            $unit->update(['made_at' => $at, 'made_by' => $by->id]);
        }
        if (isset($row['proof'])) {
            $proof->of($unit, $by, $row['proof']);
        }
    }

    /** Doors of the scenario lead to rooms by name; records know them by number. */
    private function joinByDoors(Site $site): void
    {
        $ids = $site->rooms()->pluck('id', 'name');
        foreach ($site->rooms()->get() as $room) {
            $named = fn (array $one): array => ($one['leads_to'] ?? '') === '' ? $one : ['leads_to' => (string) $ids[$one['leads_to']]] + $one;
            $room->update(['furnishings' => $room->furnishings === null ? null : array_map($named, $room->furnishings)]);
        }
    }

    /** @param  array{entries: array<string, mixed>, goal: string, build?: array<string, mixed>, bought?: list<array<string, mixed>>}  $row */
    private function room(Site $site, array $row, Person $organiser, SaveVersion $save, Evaluate $evaluate): void
    {
        $read = $evaluate($row['entries'], $row['goal'], null, System::Imperial)->room;
        $room = new Room([
            'name' => $read->name, 'use' => $read->use->id, 'people' => $read->people, 'pollutant' => $read->pollutant->id,
            'length_m' => $read->plan->sides()[0], 'length_entry' => $row['entries']['length'] ?? '',
            'width_m' => $read->plan->sides()[1], 'width_entry' => $row['entries']['width'] ?? '',
            'height_m' => $read->ceiling(), 'height_entry' => $row['entries']['height'],
            'noise_limit_dba' => $read->noiseLimit, 'has_fuel_burning' => $read->hasFuelBurning, 'outdoor_ug_m3' => $read->outdoor(), 'leakiness' => $row['entries']['leakiness'] ?? 'ordinary',
            'ventilation_entry' => $row['entries']['ventilation'] ?? '', 'central_entry' => $row['entries']['central'] ?? '', 'central_grade' => $row['entries']['central_grade'] ?? '',
            'supply_entry' => $row['entries']['supply'] ?? '', 'supply_grade' => $row['entries']['supply_grade'] ?? '', 'exhaust_entry' => $row['entries']['exhaust'] ?? '',
            'outline' => $row['entries']['outline'] ?? null, 'furnishings' => $row['entries']['furnishings'] ?? null,
            'goal' => $row['goal'], 'revision' => 1,
        ]);
        $site->rooms()->save($room);
        if (isset($row['build'])) {
            $choices = $row['build'];
            $build = $room->builds()->create(['name' => $choices['name']]);
            unset($choices['name']);
            $save($build->setRelation('room', $room->setRelation('site', $site)), $organiser, $choices, 0);
        }
        foreach ($row['bought'] ?? [] as $number => $bought) {
            $room->placements()->create(['position' => $number + 1, 'count' => $bought['count'], 'bought' => PurifierEntry::withUnits($bought, System::Imperial)]);
        }
    }
}
