<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Placement;
use App\Models\Role;
use App\Models\Room;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

/** What stands in a room is kept, counts together, and is told wherever the room is. */
class PlacementsTest extends FeatureTestCase
{
    private const BOUGHT = ['name' => 'Tower purifier', 'clean_air' => '140', 'level' => '50', 'power' => '45', 'refill_price' => '35', 'refill_months' => '6', 'width' => '', 'depth' => '', 'height' => ''];

    private Room $room;

    private Person $organiser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->room = $this->room();
        $this->organiser = $this->person(Role::Organiser, $this->room->site->programme);
        $this->actingAs($this->organiser);
    }

    public function test_the_first_build_that_is_saved_stands_there_and_follows_its_versions(): void
    {
        $build = $this->built(['units' => 2]);

        self::assertSame([['build' => $build, 'bought' => null, 'count' => 2, 'speed' => '3']], $this->shown()['placements']);
        $this->postJson("/api/v1/builds/{$build}/versions", ['unit' => ['units' => 3, 'speed' => '1'] + self::CHOICES, 'based_on' => 1, 'keep_figures' => true])->assertCreated();
        self::assertSame([3, '1'], [$this->shown()['placements'][0]['count'], $this->shown()['placements'][0]['speed']]);
    }

    public function test_a_second_build_stands_beside_the_first_only_where_that_was_counted(): void
    {
        $first = $this->built();
        $this->built(['corners' => 'open']);
        self::assertCount(1, $this->shown()['placements']);
        $third = $this->built([], [['build' => $first, 'count' => 1, 'speed' => '3']]);

        self::assertSame([$first, $third], array_column($this->shown()['placements'], 'build'));
    }

    public function test_all_that_stands_there_counts_together(): void
    {
        $alone = $this->postJson('/api/v1/evaluations', $this->evaluation())->assertOk();
        $both = $this->postJson('/api/v1/evaluations', ['beside' => [['bought' => self::BOUGHT, 'count' => 2]]] + $this->evaluation())->assertOk();
        $unbuilt = $this->postJson('/api/v1/evaluations', ['unit' => null, 'beside' => [['bought' => self::BOUGHT, 'count' => 2]]] + $this->evaluation())->assertOk();
        self::assertSame([2, '280 cfm', null, null], [$unbuilt->json('standing.purifiers'), $unbuilt->json('beside.0.clean_air.imperial'), $unbuilt->json('unit'), $both->json('standing')]);
        $figure = fn (TestResponse $answer, string $path): float => (float) str_replace(',', '', (string) $answer->json($path));

        self::assertEqualsWithDelta(280.0, $figure($both, 'unit.speeds.0.clean_air.imperial') - $figure($alone, 'unit.speeds.0.clean_air.imperial'), 1.0);
        self::assertEqualsWithDelta(90.0, $figure($both, 'unit.speeds.0.watts.imperial') - $figure($alone, 'unit.speeds.0.watts.imperial'), 1.0);
        self::assertGreaterThan($alone->json('unit.chance'), $both->json('unit.chance'));
        self::assertGreaterThan($figure($alone, 'unit.cost.total'), $figure($both, 'unit.cost.total'));
        self::assertSame(['name' => 'Tower purifier', 'count' => 2, 'speed' => null], array_intersect_key($both->json('beside.0'), ['name' => 1, 'count' => 1, 'speed' => 1]));
        self::assertSame(['imperial' => '280 cfm', 'metric' => '476 m³/h'], $both->json('beside.0.clean_air'));
        // Two of 50 dBA beside one of the unit's own: by energy.
        $own = $figure($alone, 'unit.speeds.0.level.metric');
        self::assertEqualsWithDelta(10.0 * log10(10.0 ** ($own / 10.0) + 2.0 * 10.0 ** 5.0), $figure($both, 'unit.speeds.0.level.metric'), 1.0);
    }

    public function test_rows_are_kept_with_their_units_in_one_go(): void
    {
        $build = $this->built();
        $answer = $this->place([['bought' => self::BOUGHT, 'count' => 2], ['build' => $build, 'count' => 1, 'speed' => '2']])->assertOk();

        self::assertSame([null, $build], array_column($answer->json('placements'), 'build'));
        self::assertSame(['140 cfm', '45 W', ''], [$answer->json('placements.0.bought.clean_air'), $answer->json('placements.0.bought.power'), $answer->json('placements.0.bought.width')]);
        self::assertSame('2', $answer->json('placements.1.speed'));
        self::assertSame(2, $answer->json('revision'));
        $this->place([], 1)->assertConflict();
        self::assertCount(2, $this->shown()['placements']);
    }

    public function test_what_is_wrong_is_said_at_its_field_and_nothing_is_lost(): void
    {
        $this->place([['bought' => self::BOUGHT, 'count' => 1]])->assertOk();
        $this->assertFaults($this->place([['bought' => ['clean_air' => 'much', 'level' => '300'] + self::BOUGHT, 'count' => 1]]), ['placements.0.bought.clean_air', 'placements.0.bought.level']);
        $this->assertFaults($this->place([['bought' => ['name' => '', 'clean_air' => 'much', 'refill_price' => 'dear'] + self::BOUGHT, 'count' => 1]]), ['placements.0.bought.name', 'placements.0.bought.clean_air', 'placements.0.bought.refill_price']);
        $this->assertFaults($this->postJson('/api/v1/evaluations', ['beside' => [['bought' => ['clean_air' => 'much'] + self::BOUGHT, 'count' => 1]]] + $this->evaluation()), ['beside.0.bought.clean_air']);
        $this->assertFaults($this->place([['bought' => self::BOUGHT, 'count' => 0]]), ['placements.0.count']);
        $this->assertFaults($this->place([['count' => 1]]), ['placements.0.build']);
        $other = $this->room()->builds()->create(['name' => 'Theirs']);
        $this->assertFaults($this->place([['build' => $other->id, 'count' => 1]]), ['placements.0.build']);

        self::assertSame(['Tower purifier'], array_map(fn (array $row): string => $row['bought']['name'], $this->shown()['placements']));
    }

    public function test_the_programmes_card_tells_what_all_of_it_comes_to(): void
    {
        $card = fn (): array => $this->getJson("/api/v1/programmes/{$this->room->programmeId()}")->assertOk()->json('sites.0.rooms.0');
        self::assertSame([null, 0, 0], [$card()['chance'], $card()['purifiers'], $card()['goal_share']]);
        $this->place([['bought' => self::BOUGHT, 'count' => 1]])->assertOk();
        $one = $card();
        $this->place([['bought' => self::BOUGHT, 'count' => 9]])->assertOk();
        $nine = $card();

        self::assertSame([1, 9], [$one['purifiers'], $nine['purifiers']]);
        self::assertGreaterThan($one['goal_share'], $nine['goal_share']);
        self::assertGreaterThan($one['chance'], $nine['chance']);
        self::assertSame(['falls-short', 'reaches'], [$one['likelihood'], $nine['likelihood']]);
        self::assertGreaterThan(strlen($one['units']), strlen($nine['units']));
    }

    public function test_a_version_is_computed_again_with_what_stood_beside_it(): void
    {
        $this->place([['bought' => self::BOUGHT, 'count' => 2]])->assertOk();
        $beside = [['bought' => self::BOUGHT, 'count' => 2]];
        $build = $this->postJson("/api/v1/rooms/{$this->room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES, 'beside' => $beside])->assertCreated();
        $told = $this->postJson('/api/v1/evaluations', ['room' => $this->shown()['entries'], 'goal' => $this->room->goal, 'programme' => $this->room->programmeId(), 'beside' => $beside] + $this->evaluation())->json('unit.speeds.2.clean_air');
        $this->place([])->assertOk();

        self::assertSame($told, $this->getJson('/api/v1/versions/'.$build->json('latest.id'))->assertOk()->json('ledger.unit.speeds.2.clean_air'));
        self::assertNotNull($build->json('latest.chance'));
    }

    public function test_the_finder_adds_to_what_stands_there_and_tells_the_chance_of_each_build(): void
    {
        $ask = fn (array $beside, float $sure) => $this->postJson('/api/v1/finds', ['beside' => $beside, 'room' => self::ENTRIES, 'goal' => 'air-changes-5', 'wishes' => ['sure' => $sure, 'units' => 1] + FindTest::WISHES])->assertOk();
        $cheapest = fn (TestResponse $answer): array => collect($answer->json('picks'))->firstWhere('pick', 'cheapest')['build'];
        $bare = $cheapest($ask([], 0.5));
        $sure = $cheapest($ask([], 0.9));
        $beside = $cheapest($ask([['bought' => self::BOUGHT, 'count' => 3]], 0.5));

        self::assertGreaterThanOrEqual(50.0, (float) $bare['chance']['metric']);
        self::assertGreaterThanOrEqual(90.0, (float) preg_replace('/\D+/', '', $sure['chance']['metric']));
        self::assertGreaterThan((float) $bare['total_cost'], (float) $sure['total_cost']);
        self::assertLessThan((float) $bare['total_cost'], (float) $beside['total_cost']);
        $this->assertFaults($this->postJson('/api/v1/finds', ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'wishes' => ['sure' => 1.0] + FindTest::WISHES]), ['wishes.sure']);
    }

    public function test_the_air_of_the_room_is_told_over_an_hour_and_a_day(): void
    {
        $hour = $this->postJson('/api/v1/airs', ['start' => '200', 'hours' => 1] + $this->evaluation())->assertOk();
        $day = $this->postJson('/api/v1/airs', ['start' => '', 'hours' => 24, 'goal' => 'hold-9'] + $this->evaluation('room.outdoor', '40'))->assertOk();

        self::assertSame(['200.0 µg/m³', '40.0 µg/m³'], [$hour->json('start.metric'), $day->json('start.metric')]);
        self::assertSame(['min', 'h'], [$hour->json('across.unit.metric'), $day->json('across.unit.metric')]);
        self::assertEquals([['most' => 60.0, 'step' => 10.0], 24.0], [$hour->json('across.metric'), $day->json('across.metric.most')]);
        self::assertEquals([[0.0, 200.0], 60.0], [$hour->json('with.metric.0'), collect($hour->json('with.metric'))->last()[0]]);
        self::assertNull($hour->json('goal'));
        self::assertEquals([[0.0, 9.0], [24.0, 9.0]], $day->json('goal.metric'));
        self::assertSame(['90 %', '99 %'], array_column(array_column($hour->json('gone'), 'share'), 'metric'));
        self::assertLessThan((float) $hour->json('end_without.metric'), (float) $hour->json('end.metric'));
        $this->assertFaults($this->postJson('/api/v1/airs', ['start' => 'much', 'hours' => 1] + $this->evaluation()), ['start']);
    }

    public function test_rooms_that_were_kept_before_stand_as_they_did(): void
    {
        $first = $this->built();
        $second = $this->built(['units' => 2, 'speed' => '1']);
        Placement::query()->delete();
        $this->carryOver('2026_11_27_000001_stand_several_in_a_room', 'placeLatestBuilds');

        self::assertSame([['build' => $second, 'bought' => null, 'count' => 2, 'speed' => '1']], $this->shown()['placements']);
        self::assertNotSame($first, $second);
    }

    public function test_copies_of_fans_that_versions_keep_are_read_after_their_keys_changed(): void
    {
        $build = $this->built();
        $version = DB::table('versions')->where('build_id', $build)->first();
        $parts = json_decode($version->parts, true);
        $before = $this->getJson("/api/v1/versions/{$version->id}")->assertOk()->json('ledger.unit.speeds');
        foreach ($parts as &$part) {
            if ($part['kind'] === 'fan') {
                unset($part['data']['knob'], $part['data']['rear_grille']);
                $part['data'] = ['controls' => 'knob on front', 'rotor' => 'press fit, plastic', 'plastic_fire_rating' => 'none stated', 'shaft' => ['lying', 'standing'], 'built_in_shroud' => 'none'] + $part['data'];
            }
        }
        DB::table('versions')->where('id', $version->id)->update([
            'parts' => json_encode($parts), 'choices' => json_encode(['shape' => 'array-box', 'options' => ['fans-ends' => '1']] + json_decode($version->choices, true)),
        ]);
        $this->carryOver('2026_11_27_000002_spell_copies_of_parts_anew', 'up');
        self::assertSame('both', json_decode(DB::table('versions')->where('id', $version->id)->value('choices'), true)['options']['ends']);
        DB::table('versions')->where('id', $version->id)->update(['choices' => $version->choices]);

        self::assertSame($before, $this->getJson("/api/v1/versions/{$version->id}")->assertOk()->json('ledger.unit.speeds'));
    }

    private function carryOver(string $file, string $step): void
    {
        /** @var Migration $migration */
        $migration = require database_path("migrations/{$file}.php");
        (new \ReflectionMethod($migration, $step))->invoke($migration);
    }

    /**
     * @param  array<string, mixed>  $choices
     * @param  list<array<string, mixed>>  $beside
     */
    private function built(array $choices = [], array $beside = []): int
    {
        return $this->postJson("/api/v1/rooms/{$this->room->id}/builds", ['name' => 'Cube', 'unit' => $choices + self::CHOICES, 'beside' => $beside])->assertCreated()->json('id');
    }

    /** @param  list<array<string, mixed>>  $rows */
    private function place(array $rows, ?int $revision = null): TestResponse
    {
        return $this->putJson("/api/v1/rooms/{$this->room->id}/placements", ['placements' => $rows, 'revision' => $revision ?? $this->room->refresh()->revision]);
    }

    /** @return array<string, mixed> */
    private function shown(): array
    {
        return $this->getJson("/api/v1/rooms/{$this->room->id}")->assertOk()->json();
    }
}
