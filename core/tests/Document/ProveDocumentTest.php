<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Tests\Proof\Simulated;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Evidence as a document, read by its keys alone. */
final class ProveDocumentTest extends TestCase
{
    private const UNIT = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape'];

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function answer(array $document): array
    {
        return (array) json_decode(json_encode(Documents::answer($document, Sample::data()), JSON_THROW_ON_ERROR), true);
    }

    /** @return array<string, mixed> */
    private static function run_(string $name, bool $isOn, float $rate, float $minutes, int $seed): array
    {
        $series = (new Simulated($seed))->decay($rate, $minutes, step: 20.0);

        return ['name' => $name, 'unit_on' => $isOn, 'time_min' => array_map(fn (float $time): float => 3.0 + $time / 60.0, $series->times), 'pm25_ug_m3' => $series->values];
    }

    /** 6,675 ft3 are 189.0 m3: 189 x (6 - 0.9) / 3600 = 0.268 m3/s. */
    public function test_a_decay_test_tells_each_run_and_the_clean_air(): void
    {
        $answer = self::answer(['kind' => 'decay', 'room' => ['volume_ft3' => 6675], 'weights' => 'meter', 'runs' => [self::run_('off', false, 0.9, 130.0, 1), self::run_('on', true, 6.0, 60.0, 2)]]);

        self::assertSame(['off', 'on'], array_column($answer['runs'], 'name'));
        foreach ($answer['runs'] as $run) {
            foreach (['rate_per_hour', 'background_ug_m3', 'start_ug_m3'] as $key) {
                self::assertSame(['value', 'low', 'high'], array_keys($run[$key]));
                self::assertLessThan($run[$key]['high'], $run[$key]['low']);
            }
            self::assertEqualsWithDelta(60.0 * log(10.0) / $run['rate_per_hour']['value'], $run['minutes']['90']['value'], 1e-9);
            self::assertEqualsWithDelta(60.0 * log(100.0) / $run['rate_per_hour']['low'], $run['minutes']['99']['high'], 1e-9);
            // Minutes count as they were given: the log begins in minute 3, the peak is in minute 11.
            self::assertGreaterThanOrEqual(11.0, $run['from_min']);
        }
        self::assertEqualsWithDelta(133.0, $answer['runs'][0]['to_min'], 1e-6);
        self::assertEqualsWithDelta(0.268, $answer['clean_air_m3_s']['value'], 0.015);
    }

    public function test_a_stretch_that_is_given_is_used_and_without_a_pair_there_is_no_clean_air(): void
    {
        $run = ['from_min' => 15.0, 'to_min' => 40.0] + self::run_('on', true, 6.0, 60.0, 2);
        $answer = self::answer(['kind' => 'decay', 'room' => ['volume_ft3' => 6675], 'runs' => [$run, self::run_('short', false, 0.9, 20.0, 3)]]);

        self::assertEqualsWithDelta(15.0, $answer['runs'][0]['from_min'], 1e-9);
        self::assertEqualsWithDelta(40.0, $answer['runs'][0]['to_min'], 1e-9);
        self::assertSame(76, $answer['runs'][0]['readings']);
        self::assertSame(['code', 'reason'], array_keys($answer['runs'][1]['refused']));
        self::assertArrayNotHasKey('clean_air_m3_s', $answer);
    }

    /** Worked by hand: 100 fpm is 0.508 m/s, over pi/4 x (12 in)^2 = 0.072966 m2. */
    public function test_a_traverse_of_a_circle(): void
    {
        $row = array_fill(0, 6, 100.0);
        $answer = self::answer(['kind' => 'traverse', 'outlet' => ['diameter_in' => 12], 'grid' => 'log-linear', 'readings_fpm' => [$row, $row], 'meter_percent' => 3]);

        self::assertEqualsWithDelta([0.384, 1.62, 3.852, 8.148, 10.38, 11.616], $answer['points_in']['along'], 1e-9);
        self::assertEqualsWithDelta(0.508, $answer['mean_m_s'], 1e-12);
        self::assertEqualsWithDelta(0.0729659, $answer['area_m2'], 1e-7);
        self::assertEqualsWithDelta(0.508 * 0.0729659, $answer['flow_m3_s'], 1e-7);
        self::assertEqualsWithDelta(0.03, $answer['relative_uncertainty'], 1e-12);
    }

    public function test_a_level_that_cannot_be_told_says_so(): void
    {
        $answer = self::answer(['kind' => 'level', 'on_dba' => [41.0], 'off_dba' => [39.5], 'distance_m' => 1, 'wanted_m' => 2]);

        self::assertSame(['on_mean_dba' => 41.0, 'off_mean_dba' => 39.5, 'can_be_told' => false, 'unit_dba' => null, 'unit_at_distance_dba' => null], array_map(fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, $answer));
    }

    public function test_the_points_of_a_unit_are_told_and_answered_by_their_ids(): void
    {
        $asked = self::answer(['kind' => 'tissue', 'unit' => self::UNIT]);
        $still = array_map(fn (array $point): string => $point['should_pull'] ? 'in' : 'still', array_column($asked['points'], null, 'id'));
        $answers = ['seam-2-1' => 'in', 'corner-3' => 'in'] + $still;
        $answer = self::answer(['kind' => 'tissue', 'unit' => self::UNIT, 'answers' => $answers]);

        self::assertEqualsCanonicalizing(['seam-2-1', 'corner-3'], array_column($answer['ranking'], 'point'));
        self::assertSame([], $answer['odd_faces']);
        $tight = self::answer(['kind' => 'tissue', 'unit' => self::UNIT, 'answers' => $still]);
        self::assertGreaterThan($tight['leak_area_m2']['value'], $answer['leak_area_m2']['value']);
        self::assertLessThan($tight['clean_air_m3_s']['value'], $answer['clean_air_m3_s']['value']);
    }

    public function test_evidence_is_read_as_in_its_own_document_and_fitted_together(): void
    {
        $decay = ['room' => ['volume_ft3' => 6675], 'runs' => [self::run_('off', false, 0.9, 130.0, 1), self::run_('on', true, 6.0, 60.0, 2)]];
        $alone = self::answer(['kind' => 'decay'] + $decay)['clean_air_m3_s'];
        $unit = self::UNIT;
        $fit = self::answer(['kind' => 'fit', 'unit' => $unit, 'evidence' => [['kind' => 'decay'] + $decay, ['kind' => 'power', 'speed' => '3', 'watts' => [85.0]]]]);
        $told = self::answer(['kind' => 'fit', 'unit' => $unit, 'evidence' => [['kind' => 'decay', 'clean_air_m3_s' => $alone], ['kind' => 'power', 'speed' => '3', 'watts' => [85.0]]]]);

        self::assertEqualsWithDelta($told['fitted'], $fit['fitted'], 1e-9);
        self::assertSame(['fan_scale', 'filter_drop', 'leak', 'ln_penetration'], array_keys($fit['fitted']));
        self::assertEqualsWithDelta(1.0, $fit['correlation']['leak']['leak'], 1e-12);
        self::assertSame(['1', '2', '3'], array_column($fit['speeds'], 'name'));
        $clean = $fit['speeds'][2]['clean_air_m3_s'];
        self::assertLessThan(log($alone['high'] / $alone['low']), log($clean['high'] / $clean['low']));
        self::assertSame(['decay', 'power'], array_column($fit['evidence'], 'kind'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        $run = ['name' => 'a', 'unit_on' => true, 'time_min' => [0, 1, 2], 'pm25_ug_m3' => [3, 2, 1]];
        $decay = fn (array $run): array => ['kind' => 'decay', 'room' => ['volume_ft3' => 1000], 'runs' => [$run]];
        $fit = fn (array $evidence): array => ['kind' => 'fit', 'unit' => self::UNIT, 'evidence' => [$evidence]];
        yield 'a reading without its time' => [$decay(['pm25_ug_m3' => [1, 2]] + $run), 'runs.0.pm25_ug_m3'];
        yield 'a stretch that ends before it begins' => [$decay($run + ['from_min' => 2, 'to_min' => 1]), 'runs.0.to_min'];
        yield 'two runs of one name' => [['runs' => [$run, $run]] + $decay($run), 'runs.1.name'];
        yield 'a log that is not there' => [$decay(['name' => 'a', 'unit_on' => true, 'csv' => 'nowhere.csv']), 'runs.0.csv'];
        yield 'a log that is none' => [$decay(['name' => 'a', 'unit_on' => true, 'csv' => 'a.csv', 'csv_text' => 'hello']), 'runs.0.csv'];
        yield 'a traverse off its grid' => [['kind' => 'traverse', 'outlet' => ['diameter_in' => 12], 'grid' => 'log-linear', 'readings_fpm' => [[1, 2, 3]]], 'readings_fpm.0'];
        yield 'a point that the unit does not have' => [['kind' => 'tissue', 'unit' => self::UNIT, 'answers' => ['roof' => 'in']], 'answers.roof'];
        yield 'a speed that it does not have' => [['kind' => 'tissue', 'unit' => self::UNIT, 'speed' => 'gale'], 'speed'];
        yield 'a pollutant that is not there' => [['kind' => 'tissue', 'unit' => self::UNIT, 'pollutant' => 'hope'], 'pollutant'];
        yield 'evidence that is not whole' => [$fit(['kind' => 'traverse', 'grid' => 'equal-area']), 'evidence.0'];
        yield 'evidence of a speed that it does not have' => [$fit(['kind' => 'power', 'watts' => [50], 'speed' => 'gale']), 'evidence.0.speed'];
        yield 'a decay test that is refused' => [$fit(['kind' => 'decay', 'room' => ['volume_ft3' => 1000], 'runs' => [$run]]), 'evidence.0.runs'];
        yield 'a level that cannot be told' => [$fit(['kind' => 'level', 'on_dba' => [41], 'off_dba' => [40], 'distance_m' => 1]), 'evidence.0.on_dba'];
        yield 'an interval upside down' => [$fit(['kind' => 'decay', 'clean_air_m3_s' => ['value' => 1, 'low' => 2, 'high' => 3]]), 'evidence.0.clean_air_m3_s.high'];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('wrong')]
    public function test_what_does_not_go_together_is_told_at_its_path(array $document, string $path): void
    {
        try {
            Documents::answer($document, Sample::data());
            self::fail('It was answered.');
        } catch (Invalid $fault) {
            self::assertSame($path, $fault->field);
        }
    }
}
