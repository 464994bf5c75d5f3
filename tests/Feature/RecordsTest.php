<?php

namespace Tests\Feature;

use App\Models\Part;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\Version;

class RecordsTest extends FeatureTestCase
{
    public function test_a_programme_without_rooms_is_shown(): void
    {
        $programme = Programme::factory()->create();
        $this->actingAs($this->person(Role::Organiser, $programme))->getJson("/api/v1/programmes/{$programme->id}")->assertOk()->assertJsonPath('sites', []);
    }

    public function test_a_room_is_kept_as_it_was_written(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $answer = $this->actingAs($organiser)->postJson("/api/v1/sites/{$room->site_id}/rooms", ['room' => self::ENTRIES, 'goal' => 'room-size'])->assertCreated();

        $answer->assertJsonPath('entries.length', "27' 6\"")->assertJsonPath('entries.width', '8,4 m')->assertJsonPath('entries.height', '9 ft');
        self::assertEqualsWithDelta(8.382, (float) Room::query()->findOrFail($answer->json('id'))->length_m, 1e-6);
        $this->actingAs($organiser)->getJson("/api/v1/rooms/{$answer->json('id')}")->assertOk()->assertJsonPath('goal', 'room-size');
    }

    public function test_the_air_of_the_building_is_kept_with_its_unit_and_lessens_what_is_to_make(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $entries = ['ventilation' => '120', 'central' => '60 L/s', 'central_grade' => '11'] + self::ENTRIES;
        $answer = $this->actingAs($organiser)->postJson("/api/v1/sites/{$room->site_id}/rooms", ['room' => $entries, 'goal' => 'air-changes-5'])->assertCreated();

        $answer->assertJsonPath('entries.ventilation', '120 cfm')->assertJsonPath('entries.central', '60 L/s')->assertJsonPath('entries.central_grade', '11');
        $bare = collect($this->targets(self::ENTRIES))->keyBy('id');
        $aired = collect($this->targets($entries))->keyBy('id');
        self::assertNull($bare['air-changes-5']['already']);
        self::assertSame($bare['air-changes-5']['asks'], $aired['air-changes-5']['asks']);
        self::assertSame($bare['air-changes-5']['asks'], $bare['air-changes-5']['remains']);
        self::assertNotSame($aired['air-changes-5']['asks'], $aired['air-changes-5']['remains']);
        self::assertGreaterThan(0.0, $aired['air-changes-5']['already_share']);
        self::assertLessThan($aired['air-changes-5']['share'], $aired['air-changes-5']['already_share']);
    }

    public function test_a_central_filter_of_no_grade_is_refused_at_its_field(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $entries = ['ventilation' => '3 ft', 'central_grade' => '99'] + self::ENTRIES;

        $this->assertFaults($this->actingAs($organiser)->postJson("/api/v1/sites/{$room->site_id}/rooms", ['room' => $entries, 'goal' => 'room-size']), ['room.ventilation', 'room.central_grade']);
    }

    public function test_a_room_that_is_not_allowed_is_not_kept(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $before = Room::query()->count();
        foreach (['0', '-1 m', '900 ft', 'tall', ''] as $height) {
            $this->assertFaults($this->actingAs($organiser)->postJson("/api/v1/sites/{$room->site_id}/rooms", ['room' => ['height' => $height] + self::ENTRIES, 'goal' => 'room-size']), ['room.height']);
        }

        self::assertSame($before, Room::query()->count());
    }

    public function test_two_people_changing_a_room_are_told(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $change = ['room' => ['name' => 'Attic'] + self::ENTRIES, 'goal' => 'room-size', 'revision' => 1];
        $this->actingAs($organiser)->putJson("/api/v1/rooms/{$room->id}", $change)->assertOk()->assertJsonPath('revision', 2);
        $this->actingAs($organiser)->putJson("/api/v1/rooms/{$room->id}", ['room' => ['name' => 'Cellar'] + self::ENTRIES] + $change)->assertConflict();

        self::assertSame('Attic', $room->refresh()->name);
    }

    public function test_a_deleted_room_comes_back(): void
    {
        $room = $this->room();
        $organiser = $this->person(Role::Organiser, $room->site->programme);
        $this->actingAs($organiser)->deleteJson("/api/v1/rooms/{$room->id}")->assertNoContent();
        $this->actingAs($organiser)->getJson("/api/v1/rooms/{$room->id}")->assertNotFound();
        $this->actingAs($organiser)->deleteJson("/api/v1/rooms/{$room->id}/deletion")->assertNoContent();
        $this->actingAs($organiser)->getJson("/api/v1/rooms/{$room->id}")->assertOk();
    }

    public function test_a_build_is_saved_with_its_versions_and_nothing_is_overwritten_unseen(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $build = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->assertCreated()->assertJsonPath('latest.number', 1)->json('id');
        $next = ['unit' => ['corners' => 'open'] + self::CHOICES, 'based_on' => 1, 'keep_figures' => true];
        $this->actingAs($builder)->postJson("/api/v1/builds/{$build}/versions", $next)->assertCreated()->assertJsonPath('number', 2)->assertJsonPath('choices.corners', 'open');
        $this->actingAs($builder)->postJson("/api/v1/builds/{$build}/versions", $next)->assertConflict();

        self::assertSame([1, 2], Version::query()->where('build_id', $build)->orderBy('number')->pluck('number')->all());
    }

    public function test_a_build_that_does_not_fit_is_not_kept_at_all(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $this->assertFaults($this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Too wide', 'unit' => ['filter' => '18x18x1-g13-economy'] + self::CHOICES]), ['unit.fan']);

        self::assertSame(0, $room->builds()->count());
    }

    public function test_a_version_keeps_the_figures_it_was_computed_with(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $version = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->json('latest.id');
        $before = $this->actingAs($builder)->getJson("/api/v1/versions/{$version}")->assertOk()->assertJsonPath('newer', [])->json('ledger');

        $fan = Part::query()->where(['kind' => 'fan', 'code' => 'box-20-plain'])->firstOrFail();
        $fan->update(['figures' => ['free_flow_cfm' => 700] + $fan->figures]);

        $after = $this->actingAs($builder)->getJson("/api/v1/versions/{$version}")->assertOk()->assertJsonPath('newer', ['Box fan 20 in, plain']);
        self::assertSame($before, $after->json('ledger'));
        $today = $this->actingAs($builder)->postJson('/api/v1/evaluations', $this->evaluation())->json('unit.speeds.2.clean_air.imperial');
        $kept = $this->actingAs($builder)->postJson('/api/v1/evaluations', $this->evaluation() + ['version' => $version])->json('unit.speeds.2.clean_air.imperial');
        self::assertLessThan((int) $kept, (int) $today);
    }

    public function test_a_later_change_of_the_room_does_not_rewrite_a_version(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $version = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->json('latest.id');
        $this->actingAs($builder)->putJson("/api/v1/rooms/{$room->id}", ['room' => self::ENTRIES, 'goal' => 'air-changes-8', 'revision' => 1])->assertOk();

        $this->actingAs($builder)->getJson("/api/v1/versions/{$version}")->assertJsonPath('goal', 'air-changes-5')->assertJsonPath('room.length', '9 m');
    }

    public function test_the_same_site_twice_is_refused_at_its_field(): void
    {
        $programme = Programme::factory()->create();
        $builder = $this->person(Role::Builder, $programme);
        $this->actingAs($builder)->postJson("/api/v1/programmes/{$programme->id}/sites", ['name' => 'Mill'])->assertCreated();
        $this->assertFaults($this->actingAs($builder)->postJson("/api/v1/programmes/{$programme->id}/sites", ['name' => 'Mill']), ['name']);
    }

    public function test_the_demo_programme_shows_rooms_at_different_stages(): void
    {
        $wren = \App\Models\Person::query()->where('email', 'wren@alderfen.example')->firstOrFail();
        $programme = $this->actingAs($wren)->getJson('/api/v1/programmes')->json('0.id');
        $standings = collect($this->actingAs($wren)->getJson("/api/v1/programmes/{$programme}")->assertOk()->json('sites'))
            ->flatMap(fn (array $site): array => $site['rooms'])->map(fn (array $room): ?string => $room['standing'])->unique()->all();

        self::assertEqualsCanonicalizing(['meets', 'warns', 'short', null], $standings);
    }

    /**
     * @param  array<string, mixed>  $entries
     * @return list<array<string, mixed>>
     */
    private function targets(array $entries): array
    {
        return $this->postJson('/api/v1/evaluations', ['room' => $entries, 'goal' => 'air-changes-5'])->assertOk()->json('targets');
    }
}
