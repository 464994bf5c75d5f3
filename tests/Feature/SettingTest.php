<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use PHPUnit\Framework\Attributes\TestWith;

class SettingTest extends FeatureTestCase
{
    private const GIVEN = ['currency' => 'chf', 'tariff' => '0,27', 'hours_per_day' => '10', 'years' => '2', 'changes' => '6', 'altitude' => '3000 ft', 'temperature' => '68 °F', 'revision' => 1];

    public function test_settings_are_kept_as_written_and_told_with_the_density(): void
    {
        [$programme, $person] = $this->programme();
        $answer = $this->actingAs($person)->putJson("/api/v1/programmes/{$programme->id}/setting", self::GIVEN)->assertOk();

        $answer->assertJson(['currency' => 'CHF', 'tariff' => '0.27', 'hours_per_day' => '10', 'changes' => '6', 'altitude' => '3000 ft', 'revision' => 2]);
        // 3000 ft and 20 degrees: 101325 (1 - 2.25577e-5 x 914.4)^5.25588 / (287.05 x 293.15) = 1.0792.
        $answer->assertJsonPath('density.metric', '1.079 kg/m³');
    }

    public function test_altitude_and_tariff_reach_the_ledger(): void
    {
        [$programme, $person] = $this->programme();
        $ask = fn () => $this->actingAs($person)->postJson('/api/v1/evaluations', $this->evaluation() + ['programme' => $programme->id])->assertOk();
        $before = $ask();
        $this->putJson("/api/v1/programmes/{$programme->id}/setting", self::GIVEN)->assertOk();
        $after = $ask();

        self::assertNotSame($before->json('unit.speeds.2.pressure.metric'), $after->json('unit.speeds.2.pressure.metric'));
        // 75 W, 10 h a day, two years: 547.875 kWh at 0.27.
        $after->assertJsonPath('unit.cost.energy', '147.93')->assertJsonPath('unit.cost.span', '2 years, 5.8 changes, 10 h a day');
    }

    public function test_a_saved_version_keeps_the_settings_it_was_computed_with(): void
    {
        $room = $this->room();
        $person = $this->person(Role::Organiser, $room->site->programme);
        $version = $this->actingAs($person)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->assertCreated()->json('latest.id');
        $before = $this->getJson("/api/v1/versions/{$version}")->json('ledger.unit');
        $this->putJson("/api/v1/programmes/{$room->site->programme_id}/setting", self::GIVEN)->assertOk();

        self::assertSame($before, $this->getJson("/api/v1/versions/{$version}")->json('ledger.unit'));
    }

    #[TestWith(['currency', 'euro'])]
    #[TestWith(['tariff', 'a lot'])]
    #[TestWith(['hours_per_day', '25'])]
    #[TestWith(['years', '0'])]
    #[TestWith(['changes', '-1'])]
    #[TestWith(['altitude', '9000 m'])]
    #[TestWith(['altitude', '5 Pa'])]
    #[TestWith(['temperature', '80 °C'])]
    public function test_what_cannot_be_is_told_at_its_field_and_nothing_is_kept(string $field, string $value): void
    {
        [$programme, $person] = $this->programme();
        $this->assertFaults($this->actingAs($person)->putJson("/api/v1/programmes/{$programme->id}/setting", [$field => $value] + self::GIVEN), [$field]);

        self::assertSame('EUR', $programme->refresh()->currency);
    }

    public function test_what_is_shown_can_be_kept_again_as_it_stands(): void
    {
        [$programme, $person] = $this->programme();
        $kept = $this->actingAs($person)->putJson("/api/v1/programmes/{$programme->id}/setting", ['altitude' => '3,000 ft'] + self::GIVEN)->assertOk();

        $kept->assertJsonPath('altitude', '3,000 ft');
        self::assertEqualsWithDelta(914.4, $programme->refresh()->altitude_m, 1e-6);
        $this->putJson("/api/v1/programmes/{$programme->id}/setting", ['altitude' => $kept->json('altitude'), 'revision' => $kept->json('revision')] + self::GIVEN)
            ->assertOk()->assertJsonPath('density', $kept->json('density'));
    }

    public function test_a_number_without_a_unit_keeps_that_of_the_measure_it_was_written_in(): void
    {
        [$programme, $person] = $this->programme();
        $kept = $this->actingAs($person)->putJson("/api/v1/programmes/{$programme->id}/setting", ['altitude' => '1600', 'temperature' => '68'] + self::GIVEN)->assertOk();

        $kept->assertJsonPath('altitude', '1600 ft')->assertJsonPath('temperature', '68 °F');
    }

    public function test_two_people_at_once_are_told(): void
    {
        [$programme, $person] = $this->programme();
        $this->actingAs($person)->putJson("/api/v1/programmes/{$programme->id}/setting", self::GIVEN)->assertOk();
        $this->putJson("/api/v1/programmes/{$programme->id}/setting", self::GIVEN)->assertConflict();
    }

    /** @return array{Programme, Person} */
    private function programme(): array
    {
        $programme = Programme::factory()->create();

        return [$programme, $this->person(Role::Organiser, $programme)];
    }
}
