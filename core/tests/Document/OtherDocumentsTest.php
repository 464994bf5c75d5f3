<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Documents of the other kinds, and what a document of a unit may ask besides its balance. */
final class OtherDocumentsTest extends TestCase
{
    private const CUBE = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape'];

    public function test_clearance_gives_the_published_minutes(): void
    {
        // Source: CDC, Guidelines for Environmental Infection Control in Health-Care Facilities (2003), table B.1: six air
        // changes an hour remove 99 % in 46 and 99.9 % in 69 minutes.
        $answer = self::answer(['kind' => 'clearance', 'room' => ['volume_m3' => 100, 'infiltration_per_hour' => 0, 'deposition_per_hour' => ['e1' => 0, 'e2' => 0, 'e3' => 0]], 'clean_air_m3_h' => 600]);

        foreach ([1 => 46, 2 => 69] as $row => $minutes) {
            foreach ($answer['minutes_to_remove'][$row]['in_all'] as $time) {
                self::assertSame($minutes, (int) round($time));
            }
        }
        self::assertSame($answer['minutes_to_remove'][0]['in_all'], $answer['minutes_to_remove'][0]['by_purifier_alone']);
    }

    public function test_a_wish_is_told_as_clean_air(): void
    {
        // 99 % in 46.05 min is six changes: 0.166667 m3/s for 100 m3.
        $answer = self::answer(['kind' => 'clearance', 'room' => ['volume_m3' => 100, 'infiltration_per_hour' => 0, 'deposition_per_hour' => ['e1' => 0, 'e2' => 0, 'e3' => 0]], 'wish' => ['share' => 0.99, 'time_min' => 46.0517]]);

        self::assertEqualsWithDelta(1.0 / 6.0, $answer['wish']['clean_air_m3_s'], 1e-6);
    }

    public function test_a_sealed_room_never_clears_and_says_so(): void
    {
        $answer = self::answer(['kind' => 'clearance', 'room' => ['volume_m3' => 100, 'infiltration_per_hour' => 0, 'deposition_per_hour' => ['e1' => 0, 'e2' => 0, 'e3' => 0]]]);

        self::assertNull($answer['minutes_to_remove'][0]['in_all']['cadr_smoke']);
    }

    public function test_a_series_comes_to_the_steady_level_and_an_interval_goes_before_the_room(): void
    {
        $room = ['volume_m3' => 100, 'outdoor_ug_m3' => 50, 'indoor_ug_m3' => 0];
        $answer = self::answer(['kind' => 'room-series', 'room' => $room, 'clean_air_m3_s' => 0.1, 'intervals' => [['time_h' => 1, 'repeat' => 6], ['time_h' => 6, 'clean_air_m3_s' => 0.0, 'infiltration_per_hour' => 2.0]]]);

        // As in the closed form: 25 / 4.49 = 5.568; then 2 x 50 / 2.39 = 41.84.
        self::assertCount(7, $answer['intervals']);
        self::assertEqualsWithDelta(25.0 / 4.49, $answer['intervals'][5]['ug_m3'], 1e-6);
        self::assertEqualsWithDelta(100.0 / 2.39, $answer['intervals'][6]['ug_m3'], 1e-4);
        self::assertEqualsWithDelta(12.0 * 3600.0, $answer['intervals'][6]['until_s'], 1e-9);
    }

    public function test_rooms_that_exchange_much_air_come_to_the_same_level(): void
    {
        $flows = [['from_room' => 'a', 'to_room' => 'b', 'flow_m3_s' => 50], ['from_room' => 'b', 'to_room' => 'a', 'flow_m3_s' => 50], ['from_room' => 'outdoors', 'to_room' => 'a', 'flow_m3_h' => 100], ['from_room' => 'a', 'to_room' => 'outdoors', 'flow_m3_h' => 100]];
        $answer = self::answer(['kind' => 'building', 'outdoor_ug_m3' => 60, 'rooms' => [['name' => 'a', 'volume_m3' => 50], ['name' => 'b', 'volume_m3' => 150, 'clean_air_m3_h' => 300]], 'states' => [['name' => 'open', 'flows' => $flows]], 'intervals' => [['state' => 'open', 'time_h' => 24]]]);

        // One room of 200 m3: 100 x 60 / (100 + 0.39 x 200 + 300).
        self::assertEqualsWithDelta(6000.0 / 478.0, $answer['intervals'][0]['ug_m3']['a'], 0.05);
        self::assertEqualsWithDelta($answer['intervals'][0]['ug_m3']['a'], $answer['intervals'][0]['ug_m3']['b'], 0.05);
    }

    public function test_sound_of_two_units_alike_is_three_decibels_more(): void
    {
        $level = fn (int $count): float => self::answer(['kind' => 'sound', 'sources' => [['level_dba' => 50, 'count' => $count]], 'seats' => [['distances_m' => [2.0]]]])['seats'][0]['level_dba'];

        self::assertEqualsWithDelta(50.0 - 6.0206, $level(1), 1e-3);
        self::assertEqualsWithDelta(3.0103, $level(2) - $level(1), 1e-4);
    }

    public function test_a_reading_that_hides_in_the_background_is_said_not_told(): void
    {
        $answer = self::answer(['kind' => 'sound', 'sources' => [['on_dba' => 41, 'off_dba' => 40]], 'seats' => [['distances_m' => [2.0]]], 'background_dba' => 40]);

        self::assertNull($answer['sources'][0]['level_dba']);
        self::assertStringContainsString('less than 3 dB', $answer['sources'][0]['told']);
        self::assertEqualsWithDelta(40.0, $answer['seats'][0]['with_background_dba'], 1e-9);
    }

    public function test_bands_and_explanations_come_when_asked_for(): void
    {
        $plain = self::answer(['unit' => self::CUBE])['speeds'][2];
        $asked = self::answer(['unit' => self::CUBE, 'band' => ['draws' => 60, 'seed' => 3], 'explain' => true])['speeds'][2];

        self::assertArrayNotHasKey('band', $plain);
        self::assertArrayNotHasKey('explanation', $plain);
        self::assertLessThan($plain['clean_air_m3_s']['cadr_smoke'], $asked['band']['clean_air_m3_s']['cadr_smoke']['low']);
        self::assertGreaterThan($plain['clean_air_m3_s']['cadr_smoke'], $asked['band']['clean_air_m3_s']['cadr_smoke']['high']);
        self::assertContains('bypass', array_column($asked['explanation'], 'figure'));
    }

    public function test_a_part_written_out_is_taken_as_given(): void
    {
        $unit = ['fan' => ['like' => 'box-20-plain', 'free_flow_m3_s' => 0.5, 'shut_off_pa' => 60, 'exponent' => 1.0], 'filter' => ['like' => '20x20x1-g13-economy', 'grade' => '14']] + self::CUBE;
        $answer = self::answer(['unit' => $unit])['speeds'][2];
        $plain = self::answer(['unit' => ['filter' => ['like' => '20x20x1-g13-economy', 'grade' => '14']] + self::CUBE])['speeds'][2];

        self::assertEqualsWithDelta(0.5 * (1.0 - $answer['pressure_pa'] / 60.0), $answer['fan_flow_m3_s'], 1e-9);
        self::assertNotEquals($plain['fan_flow_m3_s'], $answer['fan_flow_m3_s']);
        self::assertGreaterThan(0.8, $answer['faces'][0]['efficiency']['e1']);
    }

    public function test_several_units_count_in_the_room_and_not_in_the_unit(): void
    {
        $answer = fn (int $units): array => self::answer(['room' => ['volume_m3' => 200], 'unit' => ['units' => $units] + self::CUBE])['speeds'][2];

        self::assertSame($answer(1)['clean_air_m3_s'], $answer(3)['clean_air_m3_s']);
        self::assertEqualsWithDelta(3.0 * $answer(1)['room']['air_changes_per_hour']['cadr_smoke'], $answer(3)['room']['air_changes_per_hour']['cadr_smoke'], 1e-9);
    }

    public function test_concentrations_steady_and_timed(): void
    {
        $room = self::answer(['room' => ['volume_m3' => 100, 'outdoor_ug_m3' => 50, 'times_min' => [30, 600]], 'unit' => self::CUBE])['speeds'][2]['room'];

        self::assertEqualsWithDelta($room['steady_ug_m3'], $room['timed'][1]['ug_m3'], 1e-6);
        self::assertGreaterThan($room['timed'][0]['ug_m3'], $room['timed'][0]['mean_ug_m3']);
        self::assertArrayNotHasKey('steady_ug_m3', self::answer(['room' => ['volume_m3' => 100], 'unit' => self::CUBE])['speeds'][2]['room']);
    }

    public function test_a_pollutant_and_goals_of_ones_own_are_judged(): void
    {
        $answer = self::answer([
            'pollutants' => [['id' => 'dander', 'weights' => [0.0, 0.4, 0.6]]], 'goals' => ['air-changes-7', 'hold-3'],
            'room' => ['volume_m3' => 100, 'pollutant' => 'dander', 'outdoor_ug_m3' => 20], 'unit' => self::CUBE,
        ])['speeds'][2];
        $verdicts = array_column($answer['room']['verdicts'], null, 'target');

        self::assertEqualsWithDelta(0.4 * $answer['clean_air_m3_s']['e2'] + 0.6 * $answer['clean_air_m3_s']['e3'], $answer['clean_air_m3_s']['dander'], 1e-12);
        self::assertSame('dander', $verdicts['air-changes-7']['judges']);
        self::assertNotNull($verdicts['hold-3']['asks_m3_s']);
    }

    public function test_a_fan_driven_past_a_filters_rating_is_warned_with_what_would_mend_it(): void
    {
        $bare = ['fans' => [['free_flow_cfm' => 1250, 'shut_off_inwc' => 0.9]], 'faces' => [['layers' => [['width_in' => 10, 'height_in' => 10, 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.1]], 'grade' => '13']]]], 'speeds' => [['name' => 'low', 'ratio' => 0.3], ['name' => 'high', 'ratio' => 1]]];
        $speeds = self::answer(['unit' => ['bare' => $bare]])['speeds'];

        self::assertSame([], array_filter($speeds[0]['warnings'], fn (string $said): bool => str_contains($said, 'rating')));
        self::assertStringContainsString('Speed low keeps to it', $speeds[1]['warnings'][0]);
    }

    public function test_a_weak_fan_beside_a_strong_one_is_said_to_add_nothing(): void
    {
        $bare = ['fans' => [['free_flow_cfm' => 900, 'shut_off_pa' => 300], ['free_flow_cfm' => 50, 'shut_off_pa' => 10]], 'faces' => [['layers' => [['net_area_m2' => 0.1, 'drop' => [['velocity_m_s' => 1, 'pressure_pa' => 60]], 'grade' => '13']]]]];

        self::assertStringContainsString('1 of the fans is shut off', implode(' ', self::answer(['unit' => ['bare' => $bare]])['speeds'][0]['warnings']));
    }

    public function test_costs_follow_the_tariff_and_the_outline_the_volume(): void
    {
        $answer = self::answer(['economy' => ['tariff' => 0.30], 'unit' => self::CUBE, 'room' => ['outline' => [['x_m' => 0, 'y_m' => 0], ['x_m' => 5, 'y_m' => 0], ['x_m' => 5, 'y_m' => 4], ['x_m' => 0, 'y_m' => 4]], 'height_m' => 2.5, 'built_ins' => [['volume_m3' => 2]]]]);

        self::assertSame(48.0, $answer['room']['volume_m3']);
        self::assertSame('131.49', $answer['cost'][2]['energy']);
        self::assertEqualsWithDelta(438.3, $answer['cost'][2]['energy_kwh'], 1e-9);
    }

    public function test_the_level_at_a_seat_is_that_of_the_room(): void
    {
        $room = ['length_m' => 9, 'width_m' => 7, 'height_m' => 3, 'seat_m' => 3];
        $level = self::answer(['room' => $room, 'unit' => self::CUBE])['speeds'][2]['room']['level_at_seat_dba'];

        // 64 dBA at 1 m; 58.766 for 60 as worked by hand.
        self::assertEqualsWithDelta(62.766, $level, 2e-3);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function answer(array $document): array
    {
        return Documents::answer($document, Sample::data());
    }
}
