<?php

namespace Tests\Feature;

use App\Actions\Guides;
use App\Actions\SaveVersion;
use App\Models\Build;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Unit;
use App\Models\UnitTick;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Guide\Progress;
use Jornel\Core\Guide\Tick;
use Jornel\Core\Guide\TickKind;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** A unit from the first step to its label: what is told of its steps, by whom, once. */
class UnitsTest extends FeatureTestCase
{
    private Programme $programme;

    private Build $build;

    private Person $person;

    private int $version;

    protected function setUp(): void
    {
        parent::setUp();
        $room = $this->room();
        $this->programme = $room->site->programme;
        $this->person = $this->person(Role::Builder, $this->programme);
        $this->actingAs($this->person);
        $this->build = $room->builds()->create(['name' => 'Cube']);
        $this->version = $this->app->make(SaveVersion::class)($this->build->setRelation('room', $room), $this->person, self::CHOICES, 0)->id;
    }

    public function test_a_guide_has_steps_in_order_with_their_parts(): void
    {
        $guide = $this->getJson("/api/v1/versions/{$this->version}/guide")->assertOk();

        self::assertSame(['count', 'mark-fan', 'cut-board-24x36', 'arrows', 'tack', 'square', 'test-fan', 'base', 'seal', 'fan', 'shroud', 'look', 'power', 'tissue', 'patch', 'label'], array_column($guide->json('steps'), 'id'));
        self::assertContains('B Shroud', array_merge(...array_column($guide->json('steps'), 'parts')));
        self::assertSame([59, 46, []], [$guide->json('work'), $guide->json('shortest'), $guide->json('units')]);
        self::assertGreaterThan(5, $guide->json('looking'));
        self::assertLessThan(30, $guide->json('looking'));
        $this->getJson("/api/v1/versions/{$this->version}/steps/nothing")->assertNotFound();
        $picture = $this->getJson("/api/v1/versions/{$this->version}/steps/fan?turn=90")->assertOk();
        self::assertSame(['fan'], $picture->json('lit'));
        self::assertContains('tape-new', array_column($picture->json('drawing.strokes'), 'kind'));
        self::assertSame(['A', 'B'], array_column($this->getJson("/api/v1/versions/{$this->version}/steps/cut-board-24x36")->assertOk()->json('cuts'), 'label'));
    }

    public function test_what_is_told_comes_once_and_the_later_holds(): void
    {
        $unit = $this->begin();
        self::assertSame([1, 'Unit 1', 16], [$unit['number'], $unit['title'], count($unit['steps'])]);
        $now = (int) now()->valueOf();
        $ticks = [
            $this->tick('count', 'seen', $now - 9000, 0, 'all but one zip tie'), $this->tick('count', 'done', $now - 8000),
            $this->tick('arrows', 'seen', $now - 7000, 0), $this->tick('arrows', 'unseen', $now - 6000, 0), $this->tick('tack', 'note', $now - 5000, null, 'corner 3 again'),
        ];
        $first = $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => $ticks])->assertOk();
        // Sent again, as after a lost answer, and in another order.
        $again = $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => array_reverse($ticks)])->assertOk();

        self::assertSame($first->json('steps'), $again->json('steps'));
        self::assertSame(5, UnitTick::query()->where('unit_id', $unit['id'])->count());
        $steps = array_column($again->json('steps'), null, 'id');
        self::assertSame([$this->person->name, 'all but one zip tie'], [$steps['count']['done']['by'], $steps['count']['seen'][0]['text']]);
        self::assertSame([[], 'corner 3 again'], [$steps['arrows']['seen'], $steps['tack']['notes'][0]['text']]);
        self::assertSame(57, $again->json('left_minutes'));

        // Somebody else takes it back, and sees what was seen.
        $this->actingAs($this->person(Role::Builder, $this->programme));
        $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'undone', $now - 100)]])->assertOk()->assertJsonPath('steps.0.done', null);
        // A clock that is ahead by a year holds nothing against what comes.
        $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'done', $now + 31_000_000_000)]])->assertOk();
        Date::setTestNow(now()->addMinute());
        $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'undone', (int) now()->valueOf())]])->assertOk()->assertJsonPath('steps.0.done', null);
    }

    public function test_a_tick_of_what_is_not_there_is_refused_and_nothing_of_it_kept(): void
    {
        $unit = $this->begin();
        $at = (int) now()->valueOf();
        $this->assertFaults($this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'done', $at), $this->tick('roof', 'done', $at)]]), ['ticks.1.step']);
        $this->assertFaults($this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'seen', $at, 7)]]), ['ticks.0.hold']);
        $this->assertFaults($this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('count', 'danced', $at)]]), ['ticks.0.kind']);
        $this->assertFaults($this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [['photo' => 1] + $this->tick('count', 'note', $at)]]), ['ticks.0.photo']);
        self::assertSame(0, UnitTick::query()->where('unit_id', $unit['id'])->count());
    }

    public function test_a_unit_that_is_begun_keeps_its_guide_and_says_what_changed_since(): void
    {
        $unit = $this->begin();
        self::assertSame(['added' => [], 'dropped' => [], 'changed' => []], $unit['changes']);
        $this->postJson("/api/v1/builds/{$this->build->id}/versions", ['unit' => ['corners' => 'taped'] + self::CHOICES, 'based_on' => 1, 'keep_figures' => false])->assertCreated();

        $after = $this->getJson("/api/v1/units/{$unit['id']}")->assertOk();
        self::assertSame(array_column($unit['steps'], 'action'), array_column($after->json('steps'), 'action'));
        self::assertStringContainsString('triangles', $after->json('changes.added.0'));
        self::assertStringContainsString('shroud', $after->json('changes.dropped.0'));
    }

    public function test_where_steps_stand_is_kept_as_all_that_was_told_says_and_two_of_one_name_stay_two(): void
    {
        $random = new Randomizer(new Mt19937(26));
        $unit = $this->begin();
        $steps = array_slice(array_column($unit['steps'], 'id'), 0, 4);
        $builders = [$this->person(Role::Builder, $this->programme), $this->person(Role::Builder, $this->programme)];
        Person::query()->whereKey([$builders[0]->id, $builders[1]->id])->update(['name' => 'Alex Rivers']);
        $now = (int) now()->valueOf() - 3_600_000;
        for ($i = 0; $i < 60; $i++) {
            $kind = ['begun', 'done', 'begun', 'done', 'undone', 'note'][$random->getInt(0, 5)];
            $this->actingAs($builders[$random->getInt(0, 1)]->refresh());
            $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [['key' => "key-{$i}-of-it", 'step' => $steps[$random->getInt(0, 3)], 'kind' => $kind, 'text' => 'a', 'at' => $now + 1000 * $random->getInt(0, 3000)]]])->assertOk();
        }
        $told = Unit::query()->with('ticks.person')->findOrFail($unit['id']);
        $progress = $this->app->make(Guides::class)->progress($told);
        $kept = DB::table('unit_steps')->where('unit_id', $unit['id'])->get()->keyBy('step');

        foreach ($progress->steps as $step => $one) {
            self::assertSame([$one->done?->person, $one->done === null ? null : (int) round(1000.0 * $one->done->at)], [$kept[$step]->done_by, $kept[$step]->done_at_ms], (string) $step);
            self::assertEqualsWithDelta($one->done === null ? null : $one->minutes, $kept[$step]->minutes, 1e-9, (string) $step);
        }
        self::assertSame(count(array_filter($progress->steps, fn ($one): bool => $one->done !== null)), $told->done_steps);
        // Whoever began is who must have finished: of one name, not of one person, a time would be told that nobody took.
        $begun = new Tick('tack', TickKind::Begun, null, '', 'Alex Rivers', 0.0, null, $builders[0]->id);
        $done = new Tick('tack', TickKind::Done, null, '', 'Alex Rivers', 600.0, null, $builders[1]->id);
        self::assertNull(Progress::of([$begun, $done])->steps['tack']->minutes);
    }

    public function test_what_has_a_key_of_its_own_comes_once_without_its_answer_being_kept(): void
    {
        $unit = $this->begin();
        $kept = DB::table('writes')->count();
        $told = ['ticks' => [['key' => 'a-key-of-its-own', 'step' => $unit['steps'][0]['id'], 'kind' => 'note', 'text' => 'a', 'at' => (int) now()->valueOf()]]];
        foreach ([1, 2] as $time) {
            $this->postJson("/api/v1/units/{$unit['id']}/ticks", $told, ['Idempotency-Key' => 'key-of-the-client-9'])->assertOk();
        }

        self::assertSame([1, $kept], [UnitTick::query()->where('unit_id', $unit['id'])->count(), DB::table('writes')->count()]);
    }

    public function test_a_list_of_many_units_goes_on(): void
    {
        $first = Unit::query()->findOrFail($this->begin()['id']);
        $rows = array_map(fn (int $number): array => ['number' => 1000 + $number, 'token' => sprintf('%022d', $number), 'guide' => json_encode($first->guide)] + array_diff_key($first->getAttributes(), ['id' => 0]), range(1, 130));
        DB::table('units')->insert($rows);
        $page = $this->getJson("/api/v1/programmes/{$first->programme_id}/units")->assertOk()->json();
        $next = $this->getJson("/api/v1/programmes/{$first->programme_id}/units?before={$page[99]['number']}")->assertOk()->json();

        self::assertSame([100, 1130, 1030], [count($page), $page[0]['number'], $next[0]['number']]);
        self::assertSame(131, 100 + count(array_filter($next, fn (array $one): bool => $one['number'] > 1000 || $one['id'] === $first->id)));
        $guide = $this->getJson("/api/v1/versions/{$first->version_id}/guide")->assertOk()->json();
        self::assertSame([131, 24, 1130], [$guide['begun'], count($guide['units']), $guide['units'][23]['number']]);
    }

    public function test_times_are_learned_from_ticks_of_units_of_the_same_shape(): void
    {
        foreach ([8, 8, 9] as $number => $minutes) {
            $unit = $this->begin();
            $end = (int) now()->valueOf() - 1000 * $number;
            $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [$this->tick('tack', 'begun', $end - 60_000 * $minutes), $this->tick('tack', 'done', $end)]])->assertOk();
        }
        // Somebody who did none of them: (3 x 5 + 8 + 8 + 9) / 6 min.
        $this->actingAs($this->person(Role::Builder, $this->programme));
        $tack = array_column($this->getJson("/api/v1/versions/{$this->version}/guide")->assertOk()->json('steps'), null, 'id')['tack'];
        self::assertSame([6.7, 3], [$tack['minutes'], $tack['rests_on']]);
    }

    public function test_a_unit_is_made_named_deleted_and_brought_back(): void
    {
        $unit = $this->begin();
        $path = "/api/v1/units/{$unit['id']}";
        $made = $this->patchJson($path, ['made' => true, 'name' => 'by the window', 'revision' => 1])->assertOk();
        self::assertSame(['Unit 1, by the window', $this->person->name, 2], [$made->json('title'), $made->json('made_by'), $made->json('revision')]);
        $this->patchJson($path, ['name' => 'other', 'revision' => 1])->assertConflict();
        $this->assertFaults($this->patchJson($path, ['name' => 'other']), ['revision']);
        self::assertSame(2, $this->begin()['number']);
        $this->deleteJson($path)->assertNoContent();
        $this->getJson($path)->assertNotFound();
        $deleted = fn () => $this->getJson("/api/v1/programmes/{$this->programme->id}/deleted")->assertOk()->json('items');
        self::assertSame([['unit', $unit['id'], 'Unit 1, by the window', $made->json('room'), true]], array_map(
            fn (array $one): array => [$one['kind'], $one['id'], $one['name'], $one['of'], $one['may_bring_back']], $deleted(),
        ));
        $builder = $this->person;
        $this->actingAs($this->person(Role::Reader, $this->programme));
        self::assertSame([false], array_column($deleted(), 'may_bring_back'));
        $this->actingAs($builder);
        self::assertSame([2], array_column($this->getJson("/api/v1/programmes/{$this->programme->id}/units")->json(), 'number'));
        $this->deleteJson("{$path}/deletion")->assertNoContent();
        self::assertSame([], $deleted());
        self::assertSame([2, 1], array_column($this->getJson("/api/v1/programmes/{$this->programme->id}/units")->json(), 'number'));
        // A number is never given twice.
        $this->deleteJson($path)->assertNoContent();
        self::assertSame(3, $this->begin()['number']);
    }

    public function test_its_page_is_open_to_everybody_only_as_far_as_it_is_allowed(): void
    {
        $this->withoutVite();
        $unit = Unit::query()->findOrFail($this->begin()['id']);
        $this->app['auth']->forgetGuards();
        $this->get("/u/{$unit->token}")->assertNotFound()->assertDontSee('Cube of four');
        $this->actingAs($this->person)->patchJson("/api/v1/units/{$unit->id}", ['is_open' => true, 'revision' => 1])->assertOk();
        $this->app['auth']->forgetGuards();
        $this->get("/u/{$unit->token}")->assertOk()->assertSee('Unit 1')->assertSee('Cube of four')->assertSee('Due by')->assertDontSee($this->person->name)->assertDontSee($this->build->room->name);
        $this->get('/u/'.str_repeat('a', 22))->assertNotFound();
        // Two years by four changes: half a year.
        $this->travel(170)->days();
        $this->get("/u/{$unit->token}")->assertSee('Due by')->assertDontSee('Overdue');
        $this->travel(20)->days();
        $this->get("/u/{$unit->token}")->assertSee('Overdue since')->assertDontSee('Due by');
    }

    public function test_a_photo_is_kept_once_without_what_a_phone_writes_into_it(): void
    {
        $unit = $this->begin();
        $image = imagecreatetruecolor(2400, 1200);
        ob_start();
        imagejpeg($image, null, 60);
        $jpeg = (string) ob_get_clean();
        // A comment, as a camera writes its own and the place.
        $tagged = substr($jpeg, 0, 2)."\xFF\xFE\x00\x12GPS 12.34 56.789".substr($jpeg, 2);
        $send = fn (string $bytes) => $this->postJson("/api/v1/units/{$unit['id']}/photos", ['key' => 'a-photo-key', 'photo' => base64_encode($bytes)]);
        $id = $send($tagged)->assertCreated()->json('id');
        self::assertSame($id, $send($tagged)->assertCreated()->json('id'));
        $shown = $this->get("/api/v1/units/{$unit['id']}/photos/{$id}")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('Cache-Control', 'no-cache, private');
        $this->get("/api/v1/units/{$unit['id']}/photos/{$id}", ['If-None-Match' => (string) $shown->headers->get('ETag')])->assertStatus(304);
        $kept = $shown->getContent();
        self::assertSame([1600, 800], array_slice((array) getimagesizefromstring((string) $kept), 0, 2));
        self::assertStringNotContainsString('GPS', (string) $kept);
        $this->postJson("/api/v1/units/{$unit['id']}/ticks", ['ticks' => [['photo' => $id] + $this->tick('seal', 'note', (int) now()->valueOf())]])->assertOk()->assertJsonPath('steps.8.notes.0.photo', $id);
        $this->assertFaults($this->postJson("/api/v1/units/{$unit['id']}/photos", ['key' => 'another-key', 'photo' => base64_encode('no picture')]), ['photo']);
        // That of another unit is none of this one's.
        $this->get('/api/v1/units/'.$this->begin()['id']."/photos/{$id}")->assertNotFound();
    }

    /** @param  list<string>  $says */
    #[TestWith(['guide.pdf', ['Cut list', 'A Base', 'Diagonals equal', 'who', 'Label', 'Built by, on'], 4])]
    #[TestWith(['guide.pdf?large=1', ['Cut list', 'Diagonals equal'], 6])]
    public function test_the_guide_is_there_on_paper(string $path, array $says, int $pages): void
    {
        $text = $this->paper("/api/v1/versions/{$this->version}/{$path}", $count);

        foreach ($says as $said) {
            self::assertStringContainsString($said, $text);
        }
        // Two or three steps a page; in large print, fewer.
        self::assertGreaterThanOrEqual($pages, $count);
        self::assertLessThanOrEqual(16, $count);
    }

    public function test_the_label_says_what_it_is_and_when_its_filters_are_due(): void
    {
        $text = $this->paper('/api/v1/units/'.$this->begin()['id'].'/label.pdf', $count);

        self::assertSame(1, $count);
        foreach (['Unit 1', 'Cube of four', 'arrows into the box', 'Filters due by'] as $said) {
            self::assertStringContainsString($said, $text);
        }
    }

    private function paper(string $path, ?int &$pages): string
    {
        $file = tempnam(sys_get_temp_dir(), 'paper');
        file_put_contents($file, $this->get($path)->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent());
        $pages = preg_match('/Pages:\s+(\d+)/', (new Process(['pdfinfo', $file]))->mustRun()->getOutput(), $found) === 1 ? (int) $found[1] : 0;
        $text = (string) preg_replace('/\s+/', ' ', (new Process(['pdftotext', '-layout', $file, '-']))->mustRun()->getOutput());
        unlink($file);

        return $text;
    }

    /** @return array<string, mixed> */
    private function begin(): array
    {
        return $this->postJson("/api/v1/versions/{$this->version}/units", [])->assertCreated()->json();
    }

    /** @return array<string, mixed> */
    private function tick(string $step, string $kind, int $at, ?int $hold = null, string $text = ''): array
    {
        static $number = 0;

        return ['key' => sprintf('key-%06d', ++$number), 'step' => $step, 'kind' => $kind, 'hold' => $hold, 'text' => $text, 'at' => $at];
    }
}
