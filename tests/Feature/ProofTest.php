<?php

namespace Tests\Feature;

use App\Actions\Guides;
use App\Actions\SaveVersion;
use App\Models\EvidenceSource;
use App\Models\Log;
use App\Models\Person;
use App\Models\Programme;
use App\Models\ProgrammePart;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Survey;
use App\Models\Unit;
use App\Models\UnitPhoto;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Jornel\Core\Proof\StandIn\MeterNoise;
use Jornel\Core\Proof\StandIn\SimulatedRoom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** A unit that is measured: surveys and readings as records, and what they come to against the goal. */
class ProofTest extends FeatureTestCase
{
    private Programme $programme;

    private Person $person;

    private Unit $unit;

    protected function setUp(): void
    {
        parent::setUp();
        $room = $this->room();
        $this->programme = $room->site->programme;
        $this->person = $this->person(Role::Builder, $this->programme);
        $this->actingAs($this->person);
        $build = $room->builds()->create(['name' => 'Cube']);
        $version = $this->app->make(SaveVersion::class)($build->setRelation('room', $room), $this->person, self::CHOICES, 0);
        $this->unit = $this->app->make(Guides::class)->begin($version->refresh()->load('build.room.site.programme.parts'), $this->person, '');
    }

    public function test_before_anything_is_measured_it_is_the_forecast(): void
    {
        $proof = $this->proof();

        self::assertSame(['not-proved', ['design'], [], []], [$proof['grade'], array_column($proof['stages'], 'key'), $proof['surveys'], $proof['measured']]);
        self::assertSame(['tissue', 'decay', 'traverse'], array_values(array_intersect(array_column($proof['next'], 'key'), ['tissue', 'decay', 'traverse'])));
    }

    public function test_a_tissue_test_is_told_point_by_point_and_says_what_to_patch(): void
    {
        $survey = $this->begin('tissue', ['speed' => '3']);
        $points = $this->proof()['surveys'][0]['tissue']['points'];
        $tell = fn (array $point): array => $this->reading($point['id'], $point['should_pull'] || in_array($point['id'], ['seam-2-2', 'opening-1-1'], true) ? 'in' : 'still');
        $proof = $this->tell($survey, array_map($tell, $points))->assertOk()->json();

        self::assertSame(['design', 'built'], array_column($proof['stages'], 'key'));
        // The open corner of the fan wins back more for a minute than the seam.
        self::assertSame(['opening-1-1', 'seam-2-2'], array_column($proof['surveys'][0]['tissue']['ranking'], 'point'));
        self::assertContains('patch', array_column($proof['next'], 'key'));
        $drawn = $this->getJson("/api/v1/units/{$this->unit->id}/points?turn=30")->assertOk()->json();
        self::assertEqualsCanonicalizing(array_column($points, 'id'), array_column($drawn['points'], 'id'));
        self::assertContains(true, array_column($drawn['points'], 'behind'));
    }

    public function test_a_correction_is_a_new_reading_that_says_what_it_replaces(): void
    {
        $survey = $this->begin('tissue', []);
        $this->tell($survey, [$this->reading('seam-1-1', 'in')])->assertOk();
        $proof = $this->tell($survey, [$this->reading('seam-1-1', 'still')])->assertOk()->json();

        self::assertSame('still', $proof['surveys'][0]['readings'][0]['entered']);
        self::assertSame(2, Reading::query()->where('survey_id', $survey)->count());
        self::assertNotNull(Reading::query()->where('survey_id', $survey)->orderByDesc('id')->value('replaces_id'));
    }

    public function test_what_is_sent_twice_comes_once(): void
    {
        $begin = ['key' => 'survey-key-1', 'kind' => 'power', 'setting' => []];
        $this->postJson("/api/v1/units/{$this->unit->id}/surveys", $begin)->assertCreated();
        $this->postJson("/api/v1/units/{$this->unit->id}/surveys", $begin)->assertCreated();
        self::assertSame(1, Survey::query()->where('unit_id', $this->unit->id)->count());
        $survey = Survey::query()->where('unit_id', $this->unit->id)->firstOrFail()->id;
        $reading = $this->reading('3', '88.5 W');
        $this->tell($survey, [$reading])->assertOk();
        $proof = $this->tell($survey, [$reading])->assertOk()->json();

        self::assertSame(1, Reading::query()->where('survey_id', $survey)->count());
        self::assertSame('88.5 W', collect($proof['surveys'][0]['watts'])->firstWhere('speed', '3')['measured']);
    }

    public function test_air_speeds_are_read_on_their_grid_in_either_unit_and_backwards(): void
    {
        $survey = $this->begin('traverse', ['speed' => '3', 'outlet' => 'rectangle', 'width' => '20 in', 'height' => '20 in', 'grid' => 'log-tchebycheff', 'across' => '5', 'up' => '5', 'filters' => 'on', 'meter_percent' => '5']);
        $readings = [];
        foreach (range(0, 4) as $row) {
            foreach (range(0, 4) as $column) {
                $readings[] = $this->reading("{$row}-{$column}", match (true) {
                    $row === 0 && $column === 0 => '-40 fpm',
                    $row === 1 => '2.54 m/s',
                    default => '500 fpm',
                });
            }
        }
        $half = $this->tell($survey, array_slice($readings, 0, 7))->assertOk()->json('surveys.0.traverse');
        self::assertSame([18, null], [$half['left'], $half['flow']]);
        $whole = $this->tell($survey, array_slice($readings, 7))->assertOk()->json('surveys.0.traverse');

        // Worked by hand: 24 points at 500 fpm and one at -40 make 478.4 fpm over 2.7778 ft2, 1,329 cfm.
        self::assertSame([0, 1, '478 fpm', '1,329 cfm'], [$whole['left'], $whole['reversed'], $whole['mean']['imperial'], $whole['flow']['value']['imperial']]);
    }

    public function test_logs_make_a_decay_test_and_the_unit_is_proved(): void
    {
        $survey = $this->begin('decay', ['speed' => '3', 'weights' => 'meter']);
        [$off, $on] = [$this->log(0.0, 9000.0), $this->log(0.22, 4200.0)];
        $proof = $this->tell($survey, [$this->run_('run-1', $off, false), $this->run_('run-2', $on, true)])->assertOk()->json();
        $decay = $proof['surveys'][0]['decay'];

        self::assertSame([null, null], array_column($decay['runs'], 'refused'));
        self::assertEqualsWithDelta(0.22 / 4.719474e-4, (float) $decay['clean_air']['value']['imperial'], 0.04 * 0.22 / 4.719474e-4);
        self::assertSame('proved', $proof['stages'][count($proof['stages']) - 1]['key']);
        self::assertContains($proof['grade'], ['pass', 'marginal', 'fail']);
        $plot = $this->getJson("/api/v1/logs/{$on}?from_min=10&to_min=30")->assertOk()->json();
        self::assertEqualsWithDelta(10.0, $plot['from_min'], 1e-9);
        self::assertNotEmpty($plot['fitted']['metric']);
        // A stretch that is dragged is a new entry for the same run.
        $dragged = $this->tell($survey, [['from_min' => 12.0, 'to_min' => 40.0] + $this->run_('run-2', $on, true)])->assertOk()->json('surveys.0.decay.runs.1');
        self::assertSame([12.0, 40.0], array_map(floatval(...), [$dragged['from_min'], $dragged['to_min']]));
    }

    public function test_two_uploads_of_one_file_are_one_log_and_a_broken_one_leaves_nothing(): void
    {
        $csv = $this->csv(0.1, 3000.0);
        $one = $this->upload($csv)->assertCreated()->json();
        self::assertSame($one['id'], $this->upload($csv)->assertCreated()->json('id'));
        self::assertSame([1, $one['rows']], [Log::query()->where('programme_id', $this->programme->id)->count(), DB::table('log_rows')->where('log_id', $one['id'])->count()]);
        $this->assertFaults($this->upload("hello\nworld\n"), ['csv']);
        $this->assertFaults($this->upload(''), ['csv']);
        $this->assertFaults($this->upload($csv, '?value_column=77'), ['value_column']);
        self::assertSame(1, Log::query()->where('programme_id', $this->programme->id)->count());
        self::assertSame($one['rows'], DB::table('log_rows')->whereIn('log_id', Log::query()->where('programme_id', $this->programme->id)->select('id'))->count());
    }

    public function test_a_long_log_is_drawn_by_its_extremes_so_that_no_peak_is_lost(): void
    {
        $lines = ['time,pm25'];
        for ($i = 0; $i < 20000; $i++) {
            $lines[] = gmdate('Y-m-d H:i:s', 1764000000 + $i).','.($i === 12345 ? 777.0 : round(5.0 + 100.0 * exp(-$i / 4000.0), 2));
        }
        $log = $this->upload(implode("\n", $lines))->assertCreated()->json('id');
        $points = $this->getJson("/api/v1/logs/{$log}")->assertOk()->json('readings.metric');

        self::assertLessThan(1000, count($points));
        self::assertContains(777.0, array_map(floatval(...), array_column($points, 1)));
    }

    /** @param  array<string, string>  $setting */
    #[TestWith(['traverse', ['outlet' => 'rectangle', 'width' => '', 'height' => '20 in'], 'setting.width'])]
    #[TestWith(['traverse', ['outlet' => 'rectangle', 'width' => '40 ft', 'height' => '20 in'], 'setting.width'])]
    #[TestWith(['traverse', ['outlet' => 'rectangle', 'width' => '20 in', 'height' => '20 in', 'grid' => 'log-linear'], 'setting.grid'])]
    #[TestWith(['level', ['distance' => 'far'], 'setting.distance'])]
    #[TestWith(['level', ['colour' => 'red'], 'setting.colour'])]
    #[TestWith(['sonnet', [], 'kind'])]
    public function test_a_survey_that_cannot_be_made_so_is_told_at_its_field(string $kind, array $setting, string $field): void
    {
        $this->assertFaults($this->postJson("/api/v1/units/{$this->unit->id}/surveys", ['key' => 'survey-key-9', 'kind' => $kind, 'setting' => (object) $setting]), [$field]);
        self::assertSame(0, Survey::query()->where('unit_id', $this->unit->id)->count());
    }

    #[TestWith(['tissue', 'roof', 'in', 'place'])]
    #[TestWith(['tissue', 'seam-1-1', 'maybe', 'entered'])]
    #[TestWith(['power', '9', '50 W', 'place'])]
    #[TestWith(['power', '3', 'a lot', 'entered'])]
    #[TestWith(['level', 'up-1', '50', 'place'])]
    #[TestWith(['level', 'on-1', '500', 'entered'])]
    #[TestWith(['level', 'on-1@99,99', '50', 'place'])]
    #[TestWith(['level', 'on-1@1', '50', 'place'])]
    #[TestWith(['reach', 'far', 'in', 'place'])]
    #[TestWith(['decay', 'run-1', 'a run', 'log'])]
    public function test_a_reading_that_cannot_be_is_told_at_its_field_and_nothing_is_kept(string $kind, string $place, string $entered, string $field): void
    {
        $survey = $this->begin($kind, []);
        $this->assertFaults($this->tell($survey, [$this->reading($place, $entered)]), ["readings.0.{$field}"]);
        self::assertSame(0, Reading::query()->where('survey_id', $survey)->count());
    }

    public function test_the_evidence_read_back_gives_the_same_verdict(): void
    {
        $survey = $this->begin('decay', ['speed' => '3']);
        $this->tell($survey, [$this->run_('run-1', $this->log(0.0, 9000.0), false), $this->run_('run-2', $this->log(0.2, 4200.0), true)])->assertOk();
        $this->tell($this->begin('tissue', []), [$this->reading('seam-1-1', 'in'), $this->reading('seam-1-2', 'still')])->assertOk();
        $before = $this->proof();
        $file = tempnam(sys_get_temp_dir(), 'evidence');
        file_put_contents($file, $this->get("/api/v1/units/{$this->unit->id}/evidence.json")->assertOk()->getContent());
        self::assertStringContainsString('seam-1-1,in', $this->get("/api/v1/units/{$this->unit->id}/evidence.csv")->assertOk()->getContent());
        $other = $this->app->make(Guides::class)->begin($this->unit->version->load('build.room.site.programme.parts'), $this->person, '');
        $this->artisan('jornel:evidence', ['file' => $file, 'unit' => $other->id])->assertSuccessful();
        $this->artisan('jornel:evidence', ['file' => $file, 'unit' => $other->id])->assertSuccessful();
        unlink($file);
        $after = $this->getJson("/api/v1/units/{$other->id}/proof")->assertOk()->json();

        self::assertSame([$before['grade'], $before['says'], $before['stages'], $before['figures']], [$after['grade'], $after['says'], $after['stages'], $after['figures']]);
        self::assertSame(2, Survey::query()->where('unit_id', $other->id)->count());
    }

    public function test_what_is_told_well_is_kept_as_measured_and_narrows_other_builds(): void
    {
        $this->postJson("/api/v1/units/{$this->unit->id}/measured-parts", ['kind' => 'fan'])->assertUnprocessable();
        $survey = $this->begin('decay', ['speed' => '3']);
        $this->tell($survey, [$this->run_('run-1', $this->log(0.0, 9000.0), false), $this->run_('run-2', $this->log(0.2, 4200.0), true)])->assertOk();
        $power = $this->begin('power', []);
        $this->tell($power, [$this->reading('3', '80 W')])->assertOk();
        $range = fn (): array => $this->postJson('/api/v1/evaluations', ['programme' => $this->programme->id] + $this->evaluation())->assertOk()->json('unit.band');
        $before = $range();
        $proof = $this->postJson("/api/v1/units/{$this->unit->id}/measured-parts", ['kind' => 'fan'])->assertOk()->json();
        $part = ProgrammePart::query()->where('programme_id', $this->programme->id)->firstOrFail();
        $after = $range();

        self::assertSame('measured', $part->figures['free_flow_m3_s']['from']);
        self::assertContains('fan', array_column($proof['measured'], 'kind'));
        self::assertNotSame($before, $after);
    }

    public function test_a_level_is_told_at_every_speed_and_beside_other_fans(): void
    {
        $survey = $this->begin('level', ['speed' => '3', 'distance' => '2 m']);
        $this->tell($survey, [$this->reading('on-1', '60 dBA'), $this->reading('on-2', '60.0')])->assertOk()->assertJsonPath('surveys.0.level.unit', null);
        $level = $this->tell($survey, [$this->reading('off-1', '50 dBA')])->assertOk()->json('surveys.0.level');

        // Worked by hand: 60 less 50 is 59.54; from 2 m to 1 m 6.02 dB more.
        self::assertSame(['60.0 dBA', '50.0 dBA', '59.5 dBA', '65.6 dBA'], [$level['on'], $level['off'], $level['unit'], $level['at_1m']]);
        self::assertCount(3, $level['speeds']);
        self::assertSame('66 dBA', $level['speeds'][2]['level']);
        self::assertSame(1, count(array_filter($level['fans'], fn (array $fan): bool => $fan['own'])));
    }

    public function test_a_level_is_read_at_places_on_the_plan(): void
    {
        $survey = $this->begin('level', ['speed' => '3']);
        $unit = $this->getJson("/api/v1/units/{$this->unit->id}/proof")->assertOk()->json('plan.unit');
        // Two metres to the side of the unit that stays within the walls.
        $at = sprintf('@%.2F,%.2F', $unit['x'] > 2.5 ? $unit['x'] - 2.0 : $unit['x'] + 2.0, $unit['y']);
        $level = $this->tell($survey, [$this->reading("on-1{$at}", '60 dBA'), $this->reading("off-1{$at}", '50 dBA')])->assertOk()->json('surveys.0.level');

        // In the open 2 m are 6 dB; a room gives some of it back.
        self::assertGreaterThan(59.5, (float) $level['at_1m']);
        self::assertLessThan(65.5, (float) $level['at_1m']);
        self::assertSame($level['at_1m'], $level['unit']);
        self::assertSame(['60.0 dBA', '50.0 dBA'], [$level['places'][0]['on'], $level['places'][0]['off']]);
    }

    public function test_a_level_too_near_the_background_cannot_be_told_and_is_no_evidence(): void
    {
        $survey = $this->begin('level', ['distance' => '1 m']);
        $proof = $this->tell($survey, [$this->reading('on-1', '42 dBA'), $this->reading('off-1', '40 dBA')])->assertOk()->json();

        self::assertNull($proof['surveys'][0]['level']['unit']);
        self::assertSame([], $proof['surveys'][0]['level']['speeds']);
        self::assertEqualsWithDelta(0.0, $proof['figures'][0]['narrowed'], 1e-9);
    }

    public function test_small_tests_are_kept_and_told(): void
    {
        $reach = $this->tell($this->begin('reach', []), [$this->reading('12 in', 'in'), $this->reading('24 in', 'still'), $this->reading('6 in', 'in')])->assertOk()->json('surveys.0.reach');
        self::assertSame(['1′', '2′'], [$reach['captured']['imperial'], $reach['lost']['imperial']]);
        $ribbon = $this->tell($this->begin('ribbon', []), [$this->reading('far window', 'out')])->assertOk()->json('surveys.0.readings');
        self::assertSame([['far window', 'out']], array_map(fn (array $one): array => [$one['place'], $one['entered']], $ribbon));
        $lines = ['time,TVOC (ppb)'];
        for ($minute = 0; $minute < 60; $minute++) {
            $lines[] = gmdate('Y-m-d H:i', 1764000000 + 60 * $minute).','.($minute < 20 ? 200 : ($minute < 26 ? 1200 : 400));
        }
        $log = $this->upload(implode("\n", $lines))->assertCreated()->json('id');
        $vapour = $this->tell($this->begin('vapour', []), [$this->run_('log', (int) $log, true)])->assertOk()->json('surveys.0.vapour');
        self::assertEqualsWithDelta([200.0, 1200.0, 400.0, 0.8], [$vapour['before'], $vapour['peak'], $vapour['after'], $vapour['gone']], 1e-6);
    }

    public function test_after_months_it_is_told_what_is_left(): void
    {
        $off = $this->log(0.0, 9000.0);
        $this->tell($this->begin('decay', ['speed' => '3']), [$this->run_('run-1', $off, false), $this->run_('run-2', $this->log(0.25, 4200.0), true)])->assertOk()->assertJsonPath('surveys.0.decay.left', null);
        $left = $this->tell($this->begin('decay', ['speed' => '3']), [$this->run_('run-1', $off, false), $this->run_('run-2', $this->log(0.20, 4200.0), true)])->assertOk()->json('surveys.0.decay.left');

        self::assertEqualsWithDelta(0.8, $left['share'], 0.05);
        self::assertGreaterThan(1.0, $left['times']);
        self::assertLessThan($left['high'], $left['low']);
    }

    public function test_a_survey_that_replaces_another_holds_in_its_place(): void
    {
        $first = $this->begin('power', []);
        $this->tell($first, [$this->reading('3', '900 W')])->assertOk();
        $this->postJson("/api/v1/units/{$this->unit->id}/surveys", ['key' => 'survey-key-2', 'kind' => 'power', 'setting' => (object) [], 'replaces' => $first])->assertCreated();
        $proof = $this->proof();

        self::assertSame([[false, $first], [true, null]], array_map(fn (array $survey): array => [$survey['replaced'], $survey['replaces']], $proof['surveys']));
        self::assertEqualsWithDelta(1.0, $proof['figures'][0]['value'], 1e-9);
        $this->assertFaults($this->postJson("/api/v1/units/{$this->unit->id}/surveys", ['key' => 'survey-key-3', 'kind' => 'level', 'setting' => (object) [], 'replaces' => $first]), ['replaces']);
    }

    public function test_a_photo_goes_with_a_point_of_the_same_unit_alone(): void
    {
        $survey = $this->begin('tissue', []);
        $photo = UnitPhoto::query()->create(['unit_id' => $this->unit->id, 'key' => 'photo-key-1', 'content' => '']);
        $proof = $this->tell($survey, [['photo' => $photo->id] + $this->reading('seam-1-1', 'in')])->assertOk()->json();
        self::assertSame($photo->id, $proof['surveys'][0]['readings'][0]['photo']);
        $this->assertFaults($this->tell($survey, [['photo' => $photo->id + 1] + $this->reading('seam-1-1', 'in')]), ['readings.0.photo']);
    }

    public function test_a_log_as_large_as_a_day_of_seconds_is_taken_and_more_than_that_is_told(): void
    {
        $lines = ['s,pm25'];
        for ($second = 0; $second < 86400; $second++) {
            $lines[] = "{$second},".($second % 90);
        }
        self::assertSame(86400, $this->upload(implode("\n", $lines))->assertCreated()->json('rows'));
        $this->upload(str_repeat('1,2'."\n", 7_000_000))->assertStatus(413);
    }

    #[TestWith(['{"kind":"letter"}'])]
    #[TestWith(['{"kind":"unit-evidence"}'])]
    #[TestWith(['{"kind":"unit-evidence","logs":[],"surveys":[{"key":"survey-key-1","kind":"sonnet","setting":{},"at":"2026-01-01","replaces":null,"readings":[]}]}'])]
    public function test_a_file_that_is_no_evidence_leaves_nothing_behind(string $json): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'evidence');
        file_put_contents($file, $json);
        $this->artisan('jornel:evidence', ['file' => $file, 'unit' => $this->unit->id])->assertFailed();
        unlink($file);

        self::assertSame(0, Survey::query()->where('unit_id', $this->unit->id)->count());
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> how an export is changed, what is said */
    public static function unfit(): iterable
    {
        $at = function (array $file, string $path, mixed $value): array {
            Arr::set($file, $path, $value);

            return $file;
        };
        yield 'a traverse without its setting' => [fn (array $file): array => $at($file, 'surveys.0', ['kind' => 'traverse', 'setting' => [], 'readings' => []] + $file['surveys'][0]), 'surveys.0.setting.width'];
        yield 'a point that the unit has not' => [fn (array $file): array => $at($file, 'surveys.1.readings.0.place', 'seam-99-9'), 'surveys.1.readings.0.place'];
        yield 'a finding that is none' => [fn (array $file): array => $at($file, 'surveys.1.readings.0.entered', 'sideways'), 'surveys.1.readings.0.entered'];
        yield 'a reading that no meter tells' => [fn (array $file): array => $at($file, 'logs.0.values.3', 1e308), 'logs.0.values.3'];
        yield 'times out of order' => [fn (array $file): array => $at($file, 'logs.0.at_ms.3', 0), 'logs.0.values.3'];
        yield 'fewer readings than times' => [fn (array $file): array => $at($file, 'logs.0.values', [1.0]), 'logs.0.values'];
        yield 'a text for a number' => [fn (array $file): array => $at($file, 'logs.0.values.3', '12'), 'logs.0.values'];
        yield 'a year of long ago' => [fn (array $file): array => $at($file, 'surveys.0.at', '1815-06-18'), 'surveys.0.at'];
        yield 'a setting that is not known' => [fn (array $file): array => $at($file, 'surveys.0.setting.moon', 'full'), 'surveys.0.setting'];
        yield 'a run without its log' => [fn (array $file): array => $at($file, 'surveys.0.readings.0.log', null), 'surveys.0.readings.0.log'];
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('unfit')]
    public function test_an_import_is_judged_as_the_screens_entries_are(callable $change, string $path): void
    {
        $survey = $this->begin('decay', ['speed' => '3']);
        $this->tell($survey, [$this->run_('run-1', $this->log(0.0, 3000.0), false)])->assertOk();
        $this->tell($this->begin('tissue', []), [$this->reading('seam-1-1', 'in')])->assertOk();
        $export = $this->getJson("/api/v1/units/{$this->unit->id}/evidence.json")->assertOk()->json();
        // A log that is not there yet.
        $export['logs'][0]['sha256'] = $export['surveys'][0]['readings'][0]['log'] = str_repeat('c', 64);
        $logs = Log::query()->count();
        $other = $this->app->make(Guides::class)->begin($this->unit->version->load('build.room.site.programme.parts'), $this->person, '');
        $file = (string) tempnam(sys_get_temp_dir(), 'evidence');
        file_put_contents($file, json_encode($change($export), JSON_THROW_ON_ERROR));
        $this->withoutMockingConsoleOutput();
        self::assertSame(1, $this->artisan('jornel:evidence', ['file' => $file, 'unit' => $other->id]));
        self::assertStringContainsString($path, Artisan::output());
        unlink($file);

        self::assertSame([0, $logs], [Survey::query()->where('unit_id', $other->id)->count(), Log::query()->count()]);
        $this->getJson("/api/v1/units/{$other->id}/proof")->assertOk();
    }

    public function test_what_a_log_tells_of_itself_holds_whatever_it_or_its_run_is_called(): void
    {
        $survey = $this->begin('decay', ['speed' => '3']);
        $log = Log::query()->findOrFail($this->log(0.1, 3000.0));
        $log->update(['source' => EvidenceSource::Meter, 'meter' => 'phone']);
        $run = ['entered' => 'removed'] + $this->run_('run-1', $log->id, true);
        $this->tell($survey, [$run])->assertOk();
        // Its stretch is moved on the screen, which knows nothing of meters.
        $this->tell($survey, [['key' => 'key-of-the-stretch', 'from_min' => 5.0, 'to_min' => 40.0] + $run])->assertOk();
        $proof = $this->proof();

        self::assertCount(1, $proof['surveys'][0]['decay']['runs']);
        self::assertSame([['meter', 'phone']], array_unique(array_map(fn (array $one): array => [$one['source'], $one['meter']], $proof['surveys'][0]['readings']), SORT_REGULAR));
    }

    public function test_a_chain_of_many_corrections_goes_with_its_survey(): void
    {
        $survey = $this->begin('tissue', []);
        for ($i = 0; $i < 30; $i++) {
            $this->tell($survey, [$this->reading('seam-1-1', $i % 2 === 0 ? 'in' : 'still')])->assertOk();
        }
        Survey::query()->findOrFail($survey)->delete();

        self::assertSame(0, Reading::query()->where('survey_id', $survey)->count());
    }

    public function test_a_reader_looks_and_does_not_measure_and_a_stranger_sees_nothing(): void
    {
        $survey = $this->begin('tissue', []);
        $log = $this->log(0.1, 3000.0);
        $this->actingAs($this->person(Role::Reader, $this->programme));
        $this->getJson("/api/v1/units/{$this->unit->id}/proof")->assertOk()->assertJson(['may_build' => false]);
        $this->tell($survey, [$this->reading('seam-1-1', 'in')])->assertForbidden();
        $this->actingAs($this->person());
        foreach (["units/{$this->unit->id}/proof", "units/{$this->unit->id}/evidence.json", "units/{$this->unit->id}/proof.pdf", "logs/{$log}"] as $path) {
            $this->getJson("/api/v1/{$path}")->assertNotFound();
        }
        $this->tell($survey, [$this->reading('seam-1-1', 'in')])->assertNotFound();
    }

    public function test_a_log_of_another_programme_is_none(): void
    {
        $survey = $this->begin('decay', []);
        $foreign = Log::query()->create(['programme_id' => $this->room()->site->programme_id, 'sha256' => str_repeat('a', 64), 'name' => 'x', 'source' => 'file', 'told' => ['notes' => []]]);

        $this->assertFaults($this->tell($survey, [$this->run_('run-1', $foreign->id, true)]), ['readings.0.log']);
    }

    public function test_the_report_has_two_pages(): void
    {
        $this->tell($this->begin('decay', ['speed' => '3']), [$this->run_('run-1', $this->log(0.0, 9000.0), false), $this->run_('run-2', $this->log(0.2, 4200.0), true)])->assertOk();
        $this->tell($this->begin('tissue', []), [$this->reading('seam-1-1', 'in')])->assertOk();
        $this->tell($this->begin('level', ['distance' => '1 m']), [$this->reading('on-1', '60 dBA'), $this->reading('off-1', '40 dBA')])->assertOk();
        $pdf = $this->get("/api/v1/units/{$this->unit->id}/proof.pdf")->assertOk()->getContent();

        self::assertSame(2, preg_match_all('~/Type\s*/Page\b(?!s)~', $pdf));
    }

    public function test_demo_holds_one_proved_one_refused_and_one_half_measured(): void
    {
        $wren = Person::query()->where('email', 'wren@alderfen.example')->firstOrFail();
        $this->actingAs($wren);
        $proofs = Unit::query()->where('programme_id', $wren->programmes()->firstOrFail()->id)->orderBy('id')->get()->map(fn (Unit $unit): array => $this->getJson("/api/v1/units/{$unit->id}/proof")->assertOk()->json());
        $refused = fn (array $proof): bool => collect($proof['surveys'])->contains(fn (array $survey): bool => collect($survey['decay']['runs'] ?? [])->contains(fn (array $run): bool => $run['refused'] !== null));

        self::assertContains('pass', $proofs->pluck('grade')->all());
        self::assertTrue($proofs->contains($refused));
        self::assertTrue($proofs->contains(fn (array $proof): bool => ($proof['surveys'][0]['tissue'] ?? null) !== null && $proof['surveys'][0]['tissue']['answered'] < count($proof['surveys'][0]['tissue']['points'])));
    }

    /** @return array<string, mixed> */
    private function proof(): array
    {
        return $this->getJson("/api/v1/units/{$this->unit->id}/proof")->assertOk()->json();
    }

    /** @param  array<string, string>  $setting */
    private function begin(string $kind, array $setting): int
    {
        $this->postJson("/api/v1/units/{$this->unit->id}/surveys", ['key' => uniqid('survey-'), 'kind' => $kind, 'setting' => (object) $setting])->assertCreated();

        return (int) Survey::query()->where('unit_id', $this->unit->id)->max('id');
    }

    /** @param  list<array<string, mixed>>  $readings */
    private function tell(int $survey, array $readings): TestResponse
    {
        return $this->postJson("/api/v1/surveys/{$survey}/readings", ['readings' => $readings]);
    }

    /** @return array<string, mixed> */
    private function reading(string $place, string $entered): array
    {
        return ['key' => uniqid('reading-'), 'place' => $place, 'entered' => $entered, 'source' => 'typed', 'at' => (int) now()->valueOf()];
    }

    /** @return array<string, mixed> */
    private function run_(string $place, int $log, bool $isOn): array
    {
        return ['log' => $log, 'unit_on' => $isOn, 'source' => 'file'] + $this->reading($place, $place);
    }

    /** @param  float  $clean  m3/s */
    private function log(float $clean, float $duration): int
    {
        return (int) $this->upload($this->csv($clean, $duration))->assertCreated()->json('id');
    }

    private function csv(float $clean, float $duration): string
    {
        $volume = $this->unit->version->load('build.room')->build->room;
        $series = (new SimulatedRoom((float) $volume->length_m * (float) $volume->width_m * (float) $volume->height_m, 0.9 / 3600.0, 6.0, new MeterNoise(7)))->log($clean, 300.0, 480.0, $duration, 10.0);

        return "time_s,pm25\n".implode("\n", array_map(fn (float $time, float $value): string => "{$time},{$value}", $series->times, $series->values))."\n";
    }

    private function upload(string $csv, string $query = ''): TestResponse
    {
        return $this->call('POST', "/api/v1/units/{$this->unit->id}/logs{$query}", server: ['CONTENT_TYPE' => 'text/csv', 'HTTP_ACCEPT' => 'application/json'], content: $csv);
    }
}
