<?php

namespace Tests\Feature;

use App\Actions\SaveVersion;
use App\Models\BuildDay;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Unit;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;

/** A build day from what comes to the label: planned, moved by hand, followed by the ticks at its tables, planned anew. */
class BuildDaysTest extends FeatureTestCase
{
    private const ALL = ['cutting', 'taping', 'checking'];

    private Programme $programme;

    private int $version;

    protected function setUp(): void
    {
        parent::setUp();
        $room = $this->room();
        $this->programme = $room->site->programme;
        $ada = $this->person(Role::Builder, $this->programme);
        $ada->update(['name' => 'Ada']);
        $this->actingAs($ada);
        $build = $room->builds()->create(['name' => 'Cube']);
        $this->version = $this->app->make(SaveVersion::class)($build->setRelation('room', $room), $this->person(), self::CHOICES, 0)->id;
    }

    public function test_a_day_is_written_planned_and_told_with_why_it_is_not_shorter(): void
    {
        $day = $this->add();
        self::assertNull($day['plan']);
        self::assertSame([0, []], [$day['minute'], $day['made']]);
        self::assertContains('knife', $day['all_tools']);
        $planned = $this->plan($day['id']);

        self::assertCount(32, $planned['plan']['tasks']);
        self::assertGreaterThanOrEqual($planned['plan']['bound'] - 0.1, $planned['plan']['length']);
        self::assertNotSame('', $planned['plan']['why']);
        $tasks = array_column($planned['plan']['tasks'], null, 'id');
        self::assertSame(['09:30', 'Table 1'], [$tasks['1.count']['clock'], $tasks['1.count']['place']]);
        self::assertSame('Knife', $tasks['2.cut-board-24x36']['place']);
        // Children do not cut; whoever checks builds nothing of that unit.
        self::assertNotSame(['Cleo'], $tasks['1.cut-board-24x36']['people']);
        foreach ([1, 2] as $unit) {
            $own = array_filter($planned['plan']['tasks'], fn (array $task): bool => $task['unit'] === $unit);
            $builders = array_merge(...array_column(array_filter($own, fn (array $task): bool => ! $task['is_check']), 'people'));
            self::assertNotContains($tasks["{$unit}.tissue"]['people'][0], $builders);
        }
        // A shorter time finds nothing better than what holds, which stays.
        self::assertSame($planned['plan']['tasks'], $this->plan($day['id'], 0)['plan']['tasks']);
    }

    public function test_what_cannot_be_done_is_refused_at_its_field(): void
    {
        $path = "/api/v1/programmes/{$this->programme->id}/days";
        $this->assertFaults($this->postJson($path, ['people' => [['to' => 5, 'from' => 10] + $this->someone('Ada')]] + $this->written()), ['people.0.to']);
        $this->assertFaults($this->postJson($path, ['people' => [$this->someone('Ada'), $this->someone('Ada')]] + $this->written()), ['people.0.name', 'people.1.name']);
        $this->assertFaults($this->postJson($path, ['units' => [['version' => $this->version + 9999, 'count' => 1]]] + $this->written()), ['units.0.version']);
        $this->assertFaults($this->postJson($path, ['starts_at' => 'soon'] + $this->written()), ['starts_at']);
        $child = $this->postJson($path, ['people' => [$this->someone('Cleo', adult: false)]] + $this->written())->assertCreated()->json('id');
        $refused = $this->postJson("/api/v1/days/{$child}/plan", ['budget' => 100])->assertUnprocessable();
        self::assertStringContainsString('no adult', $refused->json('message'));
        $nobody = $this->postJson($path, ['people' => []] + $this->written())->assertCreated()->json('id');
        $this->assertFaults($this->postJson("/api/v1/days/{$nobody}/plan", ['budget' => 100]), ['people']);
    }

    public function test_a_task_is_moved_or_it_says_why_not(): void
    {
        $day = $this->plan($this->add()['id']);
        $tasks = array_column($day['plan']['tasks'], null, 'id');
        $checker = $tasks['2.tissue']['people'][0];
        $who = $checker === 'Ada' ? 'Bo' : 'Ada';
        $move = fn (string $task, float $start, string $name) => $this->postJson("/api/v1/days/{$day['id']}/moves", ['task' => $task, 'start' => $start, 'people' => [$name], 'revision' => $day['revision']]);

        $this->assertFaults($move('2.cut-board-24x36', 40, 'Cleo'), ['people']);
        $this->assertFaults($move('2.seal', 0, $who), ['start']);
        $moved = $move('2.cut-board-24x36', 40, $who)->assertOk();
        $after = array_column($moved->json('plan.tasks'), null, 'id');
        self::assertSame([40, [$who], '10:10'], [(int) $after['2.cut-board-24x36']['start'], $after['2.cut-board-24x36']['people'], $after['2.cut-board-24x36']['clock']]);
        self::assertGreaterThanOrEqual($after['2.cut-board-24x36']['end'], $after['2.base']['start']);
        $move('1.count', 0, $tasks['1.tissue']['people'][0] === 'Ada' ? 'Bo' : 'Ada')->assertConflict();
    }

    public function test_a_plan_that_comes_late_overwrites_neither_another_nor_a_day_that_has_begun(): void
    {
        $day = $this->add();
        $path = "/api/v1/days/{$day['id']}";
        $first = $this->postJson("{$path}/plan", ['budget' => 0, 'revision' => $day['revision']])->assertOk()->json();
        // As somebody else planned it meanwhile, and then as it has begun.
        BuildDay::query()->findOrFail($day['id'])->update(['plan' => null]);
        $this->postJson("{$path}/plan", ['budget' => 0, 'revision' => $day['revision']])->assertStatus(409);
        self::assertNull(BuildDay::query()->findOrFail($day['id'])->plan);
        $this->postJson("{$path}/plan", ['budget' => 0, 'revision' => $first['revision']])->assertOk();
        $begun = $this->postJson("{$path}/beginning")->assertCreated()->json();
        $this->postJson("{$path}/plan", ['budget' => 0, 'revision' => $first['revision']])->assertStatus(409);

        self::assertSame($begun['revision'], BuildDay::query()->findOrFail($day['id'])->revision);
    }

    public function test_every_build_is_offered_by_its_latest_version_and_days_go_on(): void
    {
        $day = $this->add();
        $version = (array) DB::table('versions')->where('id', $this->version)->first();
        $room = DB::table('builds')->where('id', $version['build_id'])->value('room_id');
        foreach (range(1, 520) as $number) {
            $build = DB::table('builds')->insertGetId(['room_id' => $room, 'name' => "Build {$number}"]);
            DB::table('versions')->insert(['build_id' => $build] + array_diff_key($version, ['id' => 0]));
        }
        $latest = DB::table('versions')->insertGetId(['number' => 2] + array_diff_key($version, ['id' => 0]));
        $offered = array_column($this->getJson("/api/v1/days/{$day['id']}")->assertOk()->json('builds'), 'name', 'version');
        self::assertCount(522, $offered);
        self::assertStringEndsWith('Build 520', $offered[$latest - 1]);
        self::assertStringEndsWith(': Cube', $offered[$latest]);
        // The day's own stays, though there is a later one.
        self::assertStringEndsWith(': Cube, version 1', $offered[$this->version]);

        $row = array_diff_key((array) DB::table('build_days')->where('id', $day['id'])->first(), ['id' => 0]);
        DB::table('build_days')->insert(array_fill(0, 130, $row));
        $path = "/api/v1/programmes/{$this->programme->id}/days";
        [$first, $rest] = [$this->getJson($path)->assertOk()->json(), $this->getJson("{$path}?after=100")->assertOk()->json()];
        self::assertSame([100, 31, 131], [count($first), count($rest), count(array_unique(array_column([...$first, ...$rest], 'id')))]);
    }

    public function test_on_the_day_ticks_are_its_clock_and_the_rest_is_planned_anew(): void
    {
        $day = $this->add();
        $this->postJson("/api/v1/days/{$day['id']}/beginning")->assertUnprocessable();
        $this->plan($day['id']);
        $begun = $this->postJson("/api/v1/days/{$day['id']}/beginning")->assertCreated();
        self::assertCount(2, $begun->json('made'));
        $this->postJson("/api/v1/days/{$day['id']}/beginning")->assertUnprocessable();
        $unit = Unit::query()->findOrFail($begun->json('made.0'));

        Date::setTestNow(now()->addMinutes(20));
        $this->postJson("/api/v1/units/{$unit->id}/ticks", ['ticks' => [['key' => 'a-key-of-it', 'step' => 'count', 'kind' => 'done', 'at' => (int) now()->subMinutes(2)->valueOf()]]])->assertOk();
        $late = array_column($this->getJson("/api/v1/days/{$day['id']}")->assertOk()->json('plan.tasks'), null, 'id');
        self::assertTrue($late['1.count']['done']);
        self::assertEqualsWithDelta(18.0, $late['1.count']['end'], 0.1);
        self::assertGreaterThanOrEqual(17, $late['2.count']['late']);

        // Bo has to go; the rest is planned from now.
        $people = [['name' => 'Bo', 'to' => 21] + $this->someone('Bo'), ...array_values(array_filter($this->written()['people'], fn (array $one): bool => $one['name'] !== 'Bo'))];
        $changed = $this->putJson("/api/v1/days/{$day['id']}", ['people' => $people, 'revision' => $this->getJson("/api/v1/days/{$day['id']}")->json('revision')] + $this->written())->assertOk();
        self::assertNotNull($changed->json('plan'));
        $again = array_column($this->plan($day['id'])['plan']['tasks'], null, 'id');
        self::assertEqualsWithDelta(18.0, $again['1.count']['end'], 0.1);
        foreach ($again as $task) {
            self::assertTrue($task['done'] || $task['start'] >= 20.0 - 1e-6, $task['id']);
            self::assertTrue($task['done'] || $task['end'] <= 21.0 || $task['people'] !== ['Bo'], $task['id']);
            self::assertSame(0, $task['late']);
        }
        // What is made stays as it is from now on.
        $this->assertFaults($this->putJson("/api/v1/days/{$day['id']}", ['units' => [], 'revision' => $this->getJson("/api/v1/days/{$day['id']}")->json('revision')] + $this->written()), ['units']);
    }

    public function test_a_unit_with_a_dead_fan_is_set_aside_and_goes_on_later(): void
    {
        $day = $this->add();
        $path = "/api/v1/days/{$day['id']}";
        $this->plan($day['id']);
        $aside = fn (array $units): TestResponse => $this->putJson("{$path}/set-aside", ['units' => $units, 'revision' => $this->getJson($path)->json('revision')]);
        $this->assertFaults($aside([2]), ['units']);
        $this->postJson("{$path}/beginning")->assertCreated();
        $this->assertFaults($aside([3]), ['units.0']);

        Date::setTestNow(now()->addMinutes(10));
        $left = $aside([2])->assertOk()->assertJsonPath('set_aside', [2])->json('plan');
        self::assertSame([1], array_values(array_unique(array_column($left['tasks'], 'unit'))));
        self::assertCount(16, $left['tasks']);
        self::assertSame($left, $this->getJson($path)->json('plan'));
        $this->putJson("{$path}/set-aside", ['units' => [], 'revision' => 1])->assertConflict();
        // Nothing is left to do without the other.
        $aside([1, 2])->assertUnprocessable();

        $back = $aside([])->assertOk()->assertJsonPath('set_aside', [])->json('plan');
        self::assertCount(32, $back['tasks']);
        self::assertGreaterThanOrEqual(10.0, min(array_column($back['tasks'], 'start')));
    }

    public function test_a_day_is_changed_deleted_and_brought_back(): void
    {
        $day = $this->add();
        $path = "/api/v1/days/{$day['id']}";
        $this->plan($day['id']);
        $now = $this->getJson($path)->json('revision');
        $this->putJson($path, ['revision' => 1] + $this->written())->assertConflict();
        // Another number of knives is another day.
        $this->putJson($path, ['tools' => ['knife' => 2], 'revision' => $now] + $this->written())->assertOk()->assertJsonPath('plan', null);
        $this->deleteJson($path)->assertNoContent();
        self::assertSame([], $this->getJson("/api/v1/programmes/{$this->programme->id}/days")->json());
        self::assertSame([['day', 'Saturday', '']], array_map(fn (array $one): array => [$one['kind'], $one['name'], $one['of']], $this->getJson("/api/v1/programmes/{$this->programme->id}/deleted")->json('items')));
        $this->deleteJson("{$path}/deletion")->assertNoContent();
        self::assertSame([['Saturday', 2, 4, false]], array_map(fn (array $one): array => [$one['name'], $one['units'], $one['people'], $one['begun']], $this->getJson("/api/v1/programmes/{$this->programme->id}/days")->json()));
        self::assertSame(1, BuildDay::query()->whereBelongsTo($this->programme)->count());
    }

    public function test_run_sheet_cards_and_tables_are_there_on_paper(): void
    {
        $day = $this->add();
        $this->plan($day['id']);
        $file = tempnam(sys_get_temp_dir(), 'day');
        file_put_contents($file, $this->get("/api/v1/days/{$day['id']}/run-sheet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $text = (string) preg_replace('/\s+/', ' ', (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput());
        unlink($file);

        foreach (['Saturday', 'Run sheet', 'On the tables', 'Knife: tape measure', '4 × 20x20 × 1 in grade 13, economy (Unit 1)', 'Cleo Saturday. Blades and hot glue are for adults'] as $said) {
            self::assertStringContainsString($said, $text);
        }
    }

    /** @return array<string, mixed> */
    private function add(): array
    {
        return $this->postJson("/api/v1/programmes/{$this->programme->id}/days", $this->written())->assertCreated()->json();
    }

    /** @return array<string, mixed> */
    private function plan(int $day, int $budget = 200): array
    {
        return $this->postJson("/api/v1/days/{$day}/plan", ['budget' => $budget])->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function written(): array
    {
        return [
            'name' => 'Saturday', 'starts_at' => '2026-12-05T09:30', 'units' => [['version' => $this->version, 'count' => 2]],
            'people' => [$this->someone('Ada'), $this->someone('Bo'), $this->someone('Cleo', ['taping'], false), $this->someone('Dov', ['checking'])],
            'tools' => ['knife' => 1], 'tables' => 2, 'breaks' => [['from' => 60, 'to' => 75]],
        ];
    }

    /**
     * @param  list<string>  $skills
     * @return array{name: string, skills: list<string>, adult: bool, from: int, to: int|null}
     */
    private function someone(string $name, array $skills = self::ALL, bool $adult = true): array
    {
        return ['name' => $name, 'skills' => $skills, 'adult' => $adult, 'from' => 0, 'to' => null];
    }
}
