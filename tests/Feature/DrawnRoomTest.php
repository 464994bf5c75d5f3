<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Role;
use App\Models\Room;

class DrawnRoomTest extends FeatureTestCase
{
    /** 6 x 5 m with a corner of 4 x 3 m cut out: 18 m2. */
    private const L = [['x' => 0, 'y' => 0], ['x' => 6, 'y' => 0], ['x' => 6, 'y' => 2], ['x' => 2, 'y' => 2], ['x' => 2, 'y' => 5], ['x' => 0, 'y' => 5]];

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = Person::factory()->create(['measure' => 'metric']);
        $this->actingAs($this->person);
    }

    public function test_an_outline_with_what_stands_in_it_is_drawn_and_measured(): void
    {
        $answer = $this->postJson('/api/v1/plans', $this->drawn([
            ['kind' => 'door', 'x' => 3, 'y' => 0.3], ['kind' => 'built-in', 'x' => 1, 'y' => 4, 'width' => '1 m', 'depth' => '1 m', 'height' => '2 m'],
        ]))->assertOk();

        self::assertSame(['18.0 m²', '43.0 m³', '2.50 m'], [$answer->json('floor_area.metric'), $answer->json('volume.metric'), $answer->json('height.metric')]);
        self::assertSame(['6.00 m', '2.00 m', '4.00 m', '3.00 m', '2.00 m', '5.00 m'], array_column($answer->json('walls'), 'metric'));
        self::assertEqualsWithDelta([3.0, 0.0], [$answer->json('signs.0.x'), $answer->json('signs.0.y')], 1e-9);
        self::assertCount(7, $answer->json('strokes'));
        self::assertNotSame([], $answer->json('standing.strokes'));
    }

    public function test_a_plan_needs_no_people_but_a_ledger_does(): void
    {
        $question = $this->drawn([]);
        $question['room']['people'] = '';

        $this->postJson('/api/v1/plans', $question)->assertOk();
        $this->assertFaults($this->postJson('/api/v1/evaluations', ['goal' => 'air-changes-5'] + $question), ['room.people']);
    }

    public function test_a_reading_of_the_tape_sets_a_wall_or_says_why_it_cannot(): void
    {
        $set = $this->postJson('/api/v1/walls', ['wall' => 0, 'length' => '6,5'] + $this->drawn([]))->assertOk()->json();
        self::assertEqualsWithDelta([6.5, 6.5], [$set[1]['x'], $set[2]['x']], 1e-9);
        self::assertSame([true, false], [$set[0]['taped'], $set[2]['taped']]);

        $question = $this->drawn([]);
        $question['room']['outline'] = array_map(fn (array $corner, int $i): array => $corner + ['taped' => in_array($i, [0, 2], true)], self::L, array_keys(self::L));
        $answer = $this->postJson('/api/v1/walls', ['wall' => 4, 'length' => '2.3'] + $question);
        $this->assertFaults($answer, ['length']);
        self::assertSame(['2.00 m'], $answer->json('choices.length'));
        $this->assertFaults($this->postJson('/api/v1/walls', ['wall' => 1, 'length' => 'about two'] + $question), ['length']);
    }

    public function test_faults_stand_where_they_were_made(): void
    {
        $crossed = $this->drawn([]);
        $crossed['room']['outline'] = [['x' => 0, 'y' => 0], ['x' => 4, 'y' => 4], ['x' => 4, 'y' => 0], ['x' => 0, 'y' => 4]];

        $this->assertFaults($this->postJson('/api/v1/plans', $crossed), ['room.outline']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn([['kind' => 'window', 'x' => 1, 'y' => 0, 'width' => 'wide']])), ['room.furnishings.0.width']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn([['kind' => 'seat', 'x' => 'there', 'y' => 0]])), ['room.furnishings.0.x']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn([['kind' => 'seat', 'x' => 1, 'y' => 1, 'colour' => 'red']])), ['room.furnishings.0.colour']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn([['kind' => 'seat', 'y' => 1], ['kind' => ['seat'], 'x' => 1, 'y' => 1], 'a seat'])), ['room.furnishings.0.x', 'room.furnishings.1.kind', 'room.furnishings.2']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn([['kind' => 'door', 'x' => 0, 'y' => 1, 'leads_to' => str_repeat('9', 81)]])), ['room.furnishings.0.leads_to']);
        $this->assertFaults($this->postJson('/api/v1/plans', $this->drawn(['north' => ['kind' => 'seat', 'x' => 1, 'y' => 1]])), ['room.furnishings']);
        $taped = $this->drawn([]);
        $taped['room']['outline'] = [['x' => 0, 'y' => 0, 'taped' => 'yes'], ['x' => 4, 'y' => 0], ['x' => 4, 'y' => 4]];
        $this->assertFaults($this->postJson('/api/v1/plans', $taped), ['room.outline.0.taped']);
    }

    public function test_seats_and_a_stove_are_minded_by_the_ledger(): void
    {
        $ledger = fn (array $furnishings): array => $this->postJson('/api/v1/evaluations', ['unit' => self::CHOICES, 'goal' => 'air-changes-5'] + $this->drawn($furnishings))->assertOk()->json();
        $bare = $ledger([]);
        $near = $ledger([['kind' => 'unit', 'x' => 1, 'y' => 1], ['kind' => 'seat', 'x' => 1.5, 'y' => 1]]);
        $far = $ledger([['kind' => 'unit', 'x' => 1, 'y' => 1], ['kind' => 'seat', 'x' => 5.5, 'y' => 1]]);
        $level = fn (array $answer): int => (int) $answer['unit']['speeds'][$answer['unit']['chosen']]['seat_level']['metric'];

        self::assertNull($bare['unit']['speeds'][0]['seat_level']);
        self::assertGreaterThan($level($far), $level($near));
        $cautions = fn (array $answer): array => array_column($answer['cautions'], 'title');
        self::assertNotSame($cautions($bare), $cautions($ledger([['kind' => 'appliance', 'x' => 1, 'y' => 4]])));
    }

    public function test_a_drawn_room_is_kept_as_it_was_drawn(): void
    {
        $room = $this->room();
        $room->site->programme->people()->attach($this->person->id, ['role' => Role::Builder->value]);
        $question = $this->drawn([['kind' => 'built-in', 'x' => 1, 'y' => 4, 'width' => '1', 'depth' => '', 'height' => '2 m']]);
        unset($question['unit']);

        $kept = $this->postJson("/api/v1/sites/{$room->site_id}/rooms", ['goal' => 'air-changes-5'] + $question)->assertCreated();
        $kept->assertJsonPath('entries.outline.2', ['x' => 6, 'y' => 2, 'height' => '', 'taped' => false])->assertJsonPath('entries.furnishings.0.width', '1 m')->assertJsonPath('entries.furnishings.0.depth', '');
        $record = Room::query()->findOrFail($kept->json('id'));
        self::assertEqualsWithDelta([6.0, 5.0], [(float) $record->length_m, (float) $record->width_m], 1e-6);
        // What is saved can be sent back as it came.
        $this->putJson("/api/v1/rooms/{$record->id}", ['room' => $kept->json('entries'), 'goal' => 'air-changes-5', 'revision' => 1])->assertOk()->assertJsonPath('entries', $kept->json('entries'));
    }

    public function test_rooms_of_a_site_are_joined_by_their_doors(): void
    {
        $room = $this->room();
        $room->site->programme->people()->attach($this->person->id, ['role' => Role::Reader->value]);
        $other = Room::factory()->for($room->site)->create(['name' => 'Other']);
        $room->update(['furnishings' => [['kind' => 'door', 'x' => 9, 'y' => 3.5, 'leads_to' => (string) $other->id]]]);

        $apart = $this->getJson("/api/v1/sites/{$room->site_id}/plan")->assertOk();
        self::assertCount(2, $apart->json('buildings'));
        self::assertStringContainsString('Other, which has none leading back', $apart->json('unanswered.0'));

        $other->update(['furnishings' => [['kind' => 'door', 'x' => 0, 'y' => 3.5, 'leads_to' => (string) $room->id]]]);
        $joined = $this->getJson("/api/v1/sites/{$room->site_id}/plan")->assertOk();
        self::assertSame(['126.0 m²', [], []], [$joined->json('buildings.0.floor_area.metric'), $joined->json('buildings.0.faults'), $joined->json('unanswered')]);
        // 9 m, a wall of 16 cm, 9 m.
        self::assertEqualsWithDelta(18_160.0, $joined->json('buildings.0.frame.width'), 1.0);
    }

    /**
     * @param  list<array<string, mixed>>  $furnishings
     * @return array<string, mixed>
     */
    private function drawn(array $furnishings): array
    {
        return ['room' => ['length' => '', 'width' => '', 'height' => '2,5', 'outline' => self::L, 'furnishings' => $furnishings] + self::ENTRIES];
    }
}
