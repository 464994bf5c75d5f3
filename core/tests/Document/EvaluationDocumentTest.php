<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EvaluationDocumentTest extends TestCase
{
    public function test_four_filters_on_a_box_fan(): void
    {
        // Worked with scipy: 16.8330 Pa, 0.372528 m3/s through the filters, 0.045859 past them, e1 0.757267.
        $answer = self::answer([]);
        $speed = $answer['speeds'][0];

        self::assertEqualsWithDelta([16.8330, 0.372528, 0.045859], [$speed['pressure_pa'], $speed['filter_flow_m3_s'], $speed['leak_flow_m3_s']], 1e-4);
        self::assertEqualsWithDelta(0.757267, $speed['faces'][0]['efficiency']['e1'], 1e-6);
        self::assertSame(4, $speed['faces'][0]['count']);
        self::assertEqualsWithDelta(7200 * 0.3048 ** 3, $answer['room']['volume_m3'], 1e-9);
        self::assertArrayNotHasKey('power_w', $speed);
    }

    public function test_a_filter_that_catches_nothing_of_a_pollutant_has_no_ratio_to_it(): void
    {
        // Grade 8 catches none of the finest bin (a dash in the table of ASHRAE 52.2): no clean air for smoke to divide by.
        $answer = Documents::answer([
            'room' => ['volume_m3' => 150], 'economy' => ['tariff' => 0.3], 'band' => true, 'explain' => true,
            'unit' => ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g8', 'joining' => 'duct-tape'],
        ], Sample::data());
        $speed = $answer['speeds'][2];

        self::assertSame([0.0, 0.0], [$speed['clean_air_m3_s']['cadr_smoke'], $speed['system_efficiency']['cadr_smoke']]);
        self::assertNull($speed['watts_per_clean_air_m3_s']['cadr_smoke']);
        self::assertNull($answer['cost'][2]['per_clean_air_m3_s']['cadr_smoke']);
        self::assertGreaterThan(0.0, $speed['watts_per_clean_air_m3_s']['cadr_pollen']);
        self::assertJson(json_encode($answer, JSON_THROW_ON_ERROR));
    }

    public function test_cautions_come_with_a_unit_of_shape_and_parts(): void
    {
        $ids = fn (array $room): array => array_column(Documents::answer([
            'room' => ['volume_ft3' => 7200] + $room,
            'unit' => ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-dense', 'joining' => 'hot-glue'],
        ], Sample::data())['cautions'], 'id');

        self::assertContains('fuel-burning', $ids(['fuel_burning' => true]));
        self::assertNotContains('fuel-burning', $ids([]));
        self::assertArrayNotHasKey('cautions', self::answer([]));
    }

    public function test_both_measures_say_the_same(): void
    {
        $metric = self::answer([
            'unit.bare.fans' => [['free_flow_m3_s' => 1250 * 4.719474e-4, 'shut_off_pa' => 0.20 * 249.089, 'exponent' => 1.2]],
            'unit.bare.faces' => [['count' => 4, 'layers' => [[
                'width_mm' => 495.3, 'height_m' => 0.4953, 'rim_cm' => 1.2,
                'drop' => [['velocity_m_s' => 1.524, 'pressure_pa' => 0.30 * 249.089]], 'efficiency' => ['e1' => 0.5, 'e2' => 0.85, 'e3' => 0.9],
            ]]]],
            'unit.bare.leak_area_in2' => null, 'unit.bare.leak_area_m2' => 22 * 0.0254 ** 2,
            'room' => ['volume_m3' => 7200 * 0.3048 ** 3],
        ]);

        self::assertEqualsWithDelta(self::answer([]), $metric, 1e-9);
    }

    public function test_the_order_of_entry_never_matters(): void
    {
        $one = ['free_flow_cfm' => 700, 'shut_off_inwc' => 0.3];
        $two = ['curve' => [['flow_cfm' => 0, 'pressure_inwc' => 0.2], ['flow_cfm' => 300, 'pressure_inwc' => 0.15], ['flow_cfm' => 500, 'pressure_inwc' => 0]]];
        $clean = fn (array $fans): float => self::answer(['unit.bare.fans' => $fans])['speeds'][0]['clean_air_m3_s']['shared_air'];

        self::assertEqualsWithDelta($clean([$one, $two]), $clean([$two, $one]), 1e-12);
        self::assertEqualsWithDelta($clean([$one, $one]), $clean([$one + ['count' => 2]]), 1e-12);
    }

    public function test_more_leak_never_raises_output_and_one_more_face_never_lowers_it(): void
    {
        $clean = fn (array $change): float => self::answer($change)['speeds'][0]['clean_air_m3_s']['e1'];
        $faces = fn (int $count): array => ['unit.bare.faces' => [['count' => $count] + self::document()['unit']['bare']['faces'][0]]];
        foreach (range(1, 7) as $count) {
            self::assertGreaterThanOrEqual($clean($faces($count)), $clean($faces($count + 1)), "{$count} faces");
        }
        foreach ([0, 1, 10, 40] as $area) {
            self::assertGreaterThan($clean(['unit.bare.leak_area_in2' => $area + 5]), $clean(['unit.bare.leak_area_in2' => $area]));
        }
    }

    public function test_a_denser_filter_never_raises_flow(): void
    {
        $flow = function (float $drop): float {
            $face = self::document()['unit']['bare']['faces'][0];
            $face['layers'][0]['drop'][0]['pressure_inwc'] = $drop;

            return self::answer(['unit.bare.faces' => [$face]])['speeds'][0]['filter_flow_m3_s'];
        };

        self::assertGreaterThan($flow(0.3), $flow(0.2));
        self::assertGreaterThan($flow(0.5), $flow(0.3));
    }

    public function test_twice_the_fans_faces_and_leaks_give_twice_the_flow_at_the_same_pressure(): void
    {
        $single = self::answer([])['speeds'][0];
        $double = self::answer(['unit.bare.fans' => [['count' => 2] + self::document()['unit']['bare']['fans'][0]], 'unit.bare.faces' => [['count' => 8] + self::document()['unit']['bare']['faces'][0]], 'unit.bare.leak_area_in2' => 44])['speeds'][0];

        self::assertEqualsWithDelta($single['pressure_pa'], $double['pressure_pa'], 1e-9);
        self::assertEqualsWithDelta(2.0 * $single['clean_air_m3_s']['cadr_dust'], $double['clean_air_m3_s']['cadr_dust'], 1e-9);
    }

    public function test_a_second_layer_catches_more_and_lets_less_through(): void
    {
        $face = self::document()['unit']['bare']['faces'][0];
        array_unshift($face['layers'], ['width_in' => 19.5, 'height_in' => 19.5, 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.06]], 'grade' => 'coarse']);
        $stacked = self::answer(['unit.bare.faces' => [$face]])['speeds'][0];
        $single = self::answer([])['speeds'][0];

        self::assertLessThan($single['filter_flow_m3_s'], $stacked['filter_flow_m3_s']);
        self::assertGreaterThan($single['faces'][0]['efficiency']['e3'], $stacked['faces'][0]['efficiency']['e3']);
        self::assertEqualsWithDelta(1.0 - (1.0 - 0.35) * (1.0 - 0.9), $stacked['faces'][0]['efficiency']['e3'], 1e-12);
    }

    public function test_pushing_loses_what_the_fan_loses(): void
    {
        // Common practice, no source: a circulator pushing into a box falls from about 1,100 to 700 cfm.
        $unit = ['unit.bare.fans' => [['free_flow_cfm' => 1250, 'shut_off_inwc' => 0.42]], 'unit.bare.leak_area_in2' => 2];
        $flow = fn (array $more): float => self::answer($unit + $more)['speeds'][0]['fan_flow_m3_s'] / 4.719474e-4;

        self::assertEqualsWithDelta(1050.0, $flow([]), 80.0);
        self::assertEqualsWithDelta(720.0, $flow(['unit.bare.direction' => 'push', 'unit.bare.pushing_factor' => 0.66]), 60.0);
    }

    public function test_speeds_follow_the_fan_laws_and_each_is_told(): void
    {
        $answer = self::answer(['unit.bare.speeds' => [['name' => 'low', 'ratio' => 0.5], ['name' => 'high', 'ratio' => 1]], 'unit.bare.fans' => [['count' => 2, 'free_flow_cfm' => 600, 'shut_off_inwc' => 0.2, 'power_w' => 40, 'level_dba' => 60]]]);

        self::assertSame(['low', 'high'], array_column($answer['speeds'], 'name'));
        self::assertEqualsWithDelta([10.0, 80.0], array_column($answer['speeds'], 'power_w'), 1e-9);
        self::assertEqualsWithDelta([60.0 + 3.0103 - 15.0515, 63.0103], array_column($answer['speeds'], 'level_dba'), 1e-4);
    }

    public function test_rated_values_only(): void
    {
        $face = self::document()['unit']['bare']['faces'][0];
        $face['layers'][0]['velocity_correction'] = false;

        self::assertSame(0.5, self::answer(['unit.bare.faces' => [$face]])['speeds'][0]['faces'][0]['efficiency']['e1']);
    }

    public function test_what_is_not_known_of_a_room_is_not_made_up(): void
    {
        $verdicts = array_column(self::answer([])['speeds'][0]['room']['verdicts'], null, 'target');

        self::assertNotNull($verdicts['air-changes-5']['asks_m3_s']);
        foreach (['room-size', 'smoke-season', 'two-thirds', 'per-person'] as $unknown) {
            self::assertNull($verdicts[$unknown]['asks_m3_s']);
            self::assertNull($verdicts[$unknown]['reached']);
        }
    }

    public function test_a_room_with_its_sides_people_and_use_is_judged_by_every_rule(): void
    {
        $verdicts = array_column(self::answer(['room' => ['length_ft' => 30, 'width_ft' => 30, 'height_ft' => 8, 'people' => 20, 'use' => 'classroom']])['speeds'][0]['room']['verdicts'], 'asks_m3_s', 'target');

        self::assertEqualsWithDelta([600.0, 580.645, 900.0, 800.0], array_map(fn (string $id): float => $verdicts[$id] / 4.719474e-4, ['air-changes-5', 'room-size', 'smoke-season', 'per-person']), 0.01);
    }

    public function test_a_unit_of_shape_and_parts_is_the_same_as_on_the_screen(): void
    {
        $answer = Documents::answer(['unit' => ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape', 'corners' => 'shroud']], Sample::data());
        $ledger = Sample::ledger(Sample::room(), 'air-changes-5', Sample::design());

        self::assertCount(3, $answer['speeds']);
        self::assertEqualsWithDelta($ledger->unit?->speeds[2]->clean, $answer['speeds'][2]['clean_air_m3_s']['wildfire_pm25'], 1e-15);
        self::assertArrayNotHasKey('room', $answer);
    }

    #[TestWith(['unit.bare.fans', [['curve' => [['flow_cfm' => 0, 'pressure_pa' => 3], ['flow_cfm' => 9, 'pressure_pa' => 4]]]], 'unit.bare.fans.0.curve'])]
    #[TestWith(['unit.bare.faces', [['layers' => [['width_in' => 0.5, 'height_in' => 20, 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.3]], 'grade' => '13']]]], 'unit.bare.faces.0.layers.0.rim'])]
    #[TestWith(['unit.bare.faces', [['layers' => [['net_area_m2' => 1, 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.3]], 'grade' => '99']]]], 'unit.bare.faces.0.layers.0.grade'])]
    #[TestWith(['air', ['density_kg_m3' => 9], 'air.density_kg_m3'])]
    #[TestWith(['room', ['volume_m3' => 100, 'pollutant' => 'ozone'], 'room.pollutant'])]
    public function test_what_cannot_be_is_refused_with_its_path(string $path, mixed $value, string $field): void
    {
        try {
            self::answer([$path => $value]);
            self::fail();
        } catch (Invalid $refusal) {
            self::assertSame($field, $refusal->field);
        }
    }

    public function test_parts_that_do_not_exist_are_all_named(): void
    {
        $this->expectException(InvalidEntries::class);
        Documents::answer(['unit' => ['shape' => 'sphere', 'fan' => 'x', 'filter' => 'y', 'joining' => 'z']], Sample::data());
    }

    /**
     * @param  array<string, mixed>  $change  by path; null takes a key away
     * @return array<string, mixed>
     */
    private static function answer(array $change): array
    {
        $document = self::document();
        foreach ($change as $path => $value) {
            $at = &$document;
            $keys = explode('.', $path);
            $last = array_pop($keys);
            foreach ($keys as $key) {
                $at = &$at[$key];
            }
            if ($value === null) {
                unset($at[$last]);
            } else {
                $at[$last] = $value;
            }
            unset($at);
        }

        return Documents::answer($document, Sample::data());
    }

    /** @return array<string, mixed> */
    private static function document(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 3).'/formats/examples/evaluate-bare.json'), true);
    }
}
