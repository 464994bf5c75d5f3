<?php

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;

class EvaluationTest extends FeatureTestCase
{
    public function test_a_room_and_a_unit_get_their_ledger_in_both_measures(): void
    {
        // 27' 6" x 8.4 m x 9 ft = 193.14 m3; five air changes of it are 268.3 l/s = 568 cfm.
        $answer = $this->actingAs($this->person())->postJson('/api/v1/evaluations', $this->evaluation())->assertOk();

        $answer->assertJsonPath('volume', ['imperial' => '6,821 ft³', 'metric' => '193.1 m³']);
        $answer->assertJsonPath('goal_asks', ['imperial' => '568 cfm', 'metric' => '966 m³/h']);
        $answer->assertJsonPath('unit.standing', 'short')->assertJsonPath('unit.needed', 2)->assertJsonPath('unit.likelihood', 'probably-not')->assertJsonCount(3, 'unit.speeds');
        self::assertCount(13, $answer->json('targets'));
        self::assertSame(['20 1/4 in', '514 mm'], array_values($answer->json('unit.drawing.extents.0.length')));
    }

    public function test_a_room_alone_is_enough(): void
    {
        $this->actingAs($this->person())->postJson('/api/v1/evaluations', $this->evaluation('unit'))->assertOk()->assertJsonPath('unit', null);
    }

    public function test_strokes_that_are_there_already_are_not_sent_again(): void
    {
        $first = $this->actingAs($this->person())->postJson('/api/v1/evaluations', $this->evaluation())->json('unit.drawing');
        $again = $this->postJson('/api/v1/evaluations', ['drawn' => ['another', $first['mark']]] + $this->evaluation('unit.joining', 'hot-glue'))->assertOk()->json('unit.drawing');
        $other = $this->postJson('/api/v1/evaluations', ['drawn' => [$first['mark']]] + $this->evaluation('unit.filter', '20x20x2-g13'))->assertOk()->json('unit.drawing');

        self::assertNotSame([], $first['strokes']);
        self::assertSame([$first['mark'], [], $first['extents']], [$again['mark'], $again['strokes'], $again['extents']]);
        self::assertSame(array_column($first['arrows'], 'part'), array_column($again['arrows'], 'part'));
        self::assertNotSame($first['mark'], $other['mark']);
        self::assertNotSame([], $other['strokes']);
        $this->assertFaults($this->postJson('/api/v1/evaluations', ['drawn' => array_fill(0, 13, 'x')] + $this->evaluation()), ['drawn']);
    }

    #[TestWith(['room.height', '900 ft', 'room.height'])]
    #[TestWith(['room.height', '0', 'room.height'])]
    #[TestWith(['room.length', '-4 m', 'room.length'])]
    #[TestWith(['room.width', 'wide', 'room.width'])]
    #[TestWith(['room.width', '', 'room.width'])]
    #[TestWith(['room.people', 'many', 'room.people'])]
    #[TestWith(['room.use', 'spaceship', 'room.use'])]
    #[TestWith(['room.pollutant', 'ozone', 'room.pollutant'])]
    #[TestWith(['goal', 'perfection', 'goal'])]
    #[TestWith(['unit.fan', 'no-such-fan', 'unit.fan'])]
    #[TestWith(['unit.filter', '18x18x1-g13-economy', 'unit.fan'])]
    #[TestWith(['unit.filter', '20x25x1-g13-economy', 'unit.filter'])]
    #[TestWith(['unit.shape', 'sphere', 'unit.shape'])]
    #[TestWith(['unit.corners', 'round', 'unit.corners'])]
    #[TestWith(['unit.units', 0, 'unit.units'])]
    #[TestWith(['unit.units', true, 'unit.units'])]
    #[TestWith(['unit.units', 'two', 'unit.units'])]
    #[TestWith(['unit.fan', null, 'unit.fan'])]
    #[TestWith(['unit.options', ['layout' => 5], 'unit.options'])]
    #[TestWith(['unit.wheels', 4, 'unit.wheels'])]
    #[TestWith(['room.has_fuel_burning', 1, 'room.has_fuel_burning'])]
    #[TestWith(['room.furnishings', 'none', 'room.furnishings'])]
    #[TestWith(['room.name', ['a', 'b'], 'room.name'])]
    #[TestWith(['room', ['a', 'b'], 'room'])]
    #[TestWith(['unit.units', 1000, 'unit.units'])]
    #[TestWith(['room.colour', 'green', 'room.colour'])]
    #[TestWith(['width_furlongs', 3, 'width_furlongs'])]
    public function test_what_is_not_allowed_is_told_at_its_field(string $path, mixed $value, string $field): void
    {
        $this->assertFaults($this->actingAs($this->person())->postJson('/api/v1/evaluations', $this->evaluation($path, $value)), [$field]);
    }

    public function test_an_ambiguous_comma_is_asked_back_with_both_readings(): void
    {
        $this->actingAs($this->person())->postJson('/api/v1/evaluations', $this->evaluation('room.width', '8,400 m'))
            ->assertUnprocessable()->assertJsonPath('choices', ['room.width' => ['8.4 m', '8400 m']]);
    }

    public function test_a_bare_number_is_read_in_the_measure_of_the_person(): void
    {
        $person = $this->person();
        $person->update(['measure' => 'metric']);
        $this->actingAs($person)->postJson('/api/v1/evaluations', $this->evaluation('room.length', '9'))->assertOk()->assertJsonPath('floor_area.metric', '75.6 m²');
    }

    public function test_what_would_not_fit_is_told_before_it_is_chosen(): void
    {
        $answer = $this->actingAs($this->person())->postJson('/api/v1/misfits', ['unit' => self::CHOICES])->assertOk();

        self::assertArrayHasKey('blower-cage', $answer->json('fans'));
        self::assertArrayNotHasKey('box-20-plain', $answer->json('fans'));
    }

    public function test_a_goal_that_the_room_keeps_by_itself_is_answered(): void
    {
        $this->actingAs($this->person());
        $question = ['goal' => 'hold-9'] + $this->evaluation('room.outdoor', '5');
        $answer = $this->postJson('/api/v1/evaluations', $question)->assertOk();

        $answer->assertJsonPath('goal_asks.imperial', '0 cfm')->assertJsonPath('unit.likelihood', 'reaches')->assertJsonPath('unit.chance', 1)->assertJsonPath('unit.needed', 1);
        self::assertStringContainsString('the building alone is enough', $answer->json('unit.findings.0.text.imperial'));
        self::assertGreaterThan(1.0, $answer->json('unit.speeds.0.goal_share'));
    }

    public function test_a_goal_that_no_number_of_units_reaches_is_answered(): void
    {
        $this->actingAs($this->person());
        $question = ['goal' => 'hold-9'] + $this->evaluation('room.outdoor', '400');
        data_set($question, 'unit.filter', '20x20x1-coarse');
        data_set($question, 'room.pollutant', 'cadr-smoke');
        $answer = $this->postJson('/api/v1/evaluations', $question)->assertOk();

        $answer->assertJsonPath('goal_asks.imperial', '∞ cfm')->assertJsonPath('unit.standing', 'short')->assertJsonPath('unit.speeds.0.goal_share', 0);
        self::assertStringContainsString('no number of these units', $answer->json('unit.findings.0.text.metric'));
    }

    public function test_what_would_not_fit_comes_with_what_would(): void
    {
        $this->actingAs($this->person());
        $answer = $this->postJson('/api/v1/misfits', ['unit' => self::CHOICES])->assertOk();

        self::assertStringContainsString('takes filters longer than wide', str_replace('A tall box ', '', $answer->json('shapes.tall-box')));
        $answer->assertJsonPath('instead.array-box.fan', 'pc-120')->assertJsonPath('instead.array-box.filter', self::CHOICES['filter']);
        self::assertStringContainsString('with PC fan 120 mm', $answer->json('instead.array-box.says'));
        self::assertArrayNotHasKey(self::CHOICES['fan'], $answer->json('fans'));
    }
}
