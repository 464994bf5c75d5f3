<?php

namespace Tests\Feature;

use App\Actions\LayingOut;
use App\Actions\SaveVersion;
use App\Models\Offcut;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Laying parts out, measuring before cutting, offcuts, and the one list for several rooms with its ticks. */
class KitTest extends FeatureTestCase
{
    private const WRITTEN = ['kerf' => '3 mm', 'margin' => '5 mm', 'cartons' => true, 'flaps' => true, 'printed' => 0, 'sheets' => [], 'pinned' => []];

    private Version $version;

    private Programme $programme;

    private Person $builder;

    protected function setUp(): void
    {
        parent::setUp();
        $room = $this->room();
        $this->programme = $room->site->programme;
        $this->builder = $this->person(Role::Builder, $this->programme);
        $this->version = $this->version($room);
        $this->actingAs($this->builder);
    }

    public function test_parts_lie_on_the_fans_carton_and_what_is_laid_by_hand_stays(): void
    {
        $plan = $this->getJson($this->at('cut-plan'))->assertOk();
        self::assertSame(['A', 'B'], array_column($plan->json('parts'), 'label'));
        self::assertCount(1, $plan->json('sheets'));
        self::assertFalse($plan->json('sheets.0.bought'));
        self::assertStringStartsWith('Shroud and base come out', $plan->json('carton.imperial').$plan->json('carton.metric'));

        [$sheet, $part] = [$plan->json('sheets.0'), array_column($plan->json('sheets.0.placed'), null, 'piece')['A.1']];
        $pin = ['label' => $part['piece'], 'sheet' => $sheet['id'], 'number' => 1, 'x_mm' => $part['x_mm'] + 2.0, 'y_mm' => $part['y_mm'], 'turn' => $part['turn']];
        $laid = $this->putJson($this->at('cut-plan'), ['pinned' => [$pin], 'revision' => 0] + self::WRITTEN)->assertOk();
        $moved = array_column($laid->json('sheets.0.placed'), null, 'piece')[$part['piece']];
        self::assertEqualsWithDelta($pin['x_mm'], $moved['x_mm'], 0.02);
        self::assertTrue($moved['pinned']);

        $this->putJson($this->at('cut-plan'), ['pinned' => [['x_mm' => 5000.0] + $pin], 'revision' => 1] + self::WRITTEN)->assertUnprocessable();
        self::assertSame($laid->json('sheets'), $this->getJson($this->at('cut-plan'))->json('sheets'), 'a plan that does not go was kept');
        $this->putJson($this->at('cut-plan'), ['revision' => 0] + self::WRITTEN)->assertConflict();
    }

    public function test_a_filler_board_is_cut_for_the_window_of_the_room(): void
    {
        $insert = ['shape' => 'window-insert', 'filter' => '20x20x1-g13-economy'];
        $this->version = $this->version(Room::factory()->for($this->version->build->room->site)->create(), $insert);
        self::assertSame([false, null], array_values(array_intersect_key($this->getJson($this->at('cut-plan'))->assertOk()->json('window'), ['measured' => 1, 'width' => 1])));
        $window = ['kind' => 'window', 'x' => 1.0, 'y' => 0.0, 'leads_to' => '', 'width' => '1.1 m', 'depth' => '', 'height' => '0.9 m'];
        $this->version = $this->version(Room::factory()->for($this->version->build->room->site)->create(['furnishings' => [$window]]), $insert);
        $plan = $this->getJson($this->at('cut-plan'))->assertOk();
        self::assertSame([false, '1,100 mm', '900 mm'], [$plan->json('window.measured'), $plan->json('parts.0.width.metric'), $plan->json('parts.0.height.metric')]);
        $this->assertFaults($this->postJson($this->at('window'), ['width' => 'wide', 'height' => '']), ['window.width', 'window.height']);
        $measured = $this->postJson($this->at('window'), ['width' => '1085 mm', 'height' => '0.88 m'])->assertCreated();
        self::assertSame([true, '1,085 mm', $this->builder->name], [$measured->json('window.measured'), $measured->json('parts.0.width.metric'), $measured->json('window.by')]);
        // Another layout keeps it.
        $again = $this->putJson($this->at('cut-plan'), ['revision' => 1] + self::WRITTEN)->assertOk();
        self::assertSame(['1,085 mm', '880 mm'], [$again->json('parts.0.width.metric'), $again->json('parts.0.height.metric')]);
    }

    public function test_a_printed_wall_that_is_kept_gives_no_part(): void
    {
        $of = fn (int $printed): array => array_map(fn (array $sheet): array => [$sheet['bought'], count($sheet['placed'])], $this->putJson($this->at('cut-plan'), ['printed' => $printed, 'revision' => $printed] + self::WRITTEN)->assertOk()->json('sheets'));
        self::assertSame([[false, 2]], $of(0));
        self::assertSame([[false, 1], [true, 1]], $of(1));
        self::assertSame([[true, 1], [true, 1]], $of(2));
    }

    public function test_bad_entries_are_told_at_their_fields(): void
    {
        $sheets = [['name' => '', 'width' => 'wide', 'height' => '20 in', 'count' => 1, 'grain' => 'none'], ['name' => '', 'width' => '20 in', 'height' => '20 in', 'count' => 900, 'grain' => 'none']];
        $this->assertFaults($this->putJson($this->at('cut-plan'), ['kerf' => '', 'sheets' => $sheets, 'revision' => 0] + self::WRITTEN), ['kerf', 'sheets.0.width', 'sheets.1.count']);
        $this->assertFaults($this->postJson($this->at('sizes'), ['kind' => 'fan', 'code' => 'box-20-plain', 'path' => 'body.side', 'entry' => 'round']), ['figures.body.side']);
        $this->postJson($this->at('sizes'), ['kind' => 'fan', 'code' => 'box-20-plain', 'path' => 'power', 'entry' => '20'])->assertNotFound();
        $this->postJson($this->at('sizes'), ['kind' => 'fan', 'code' => 'no-such-fan', 'path' => 'body.side', 'entry' => '20 in'])->assertNotFound();
    }

    public function test_a_measured_size_is_the_parts_own_and_what_is_cut_by_it_follows(): void
    {
        $before = $this->getJson($this->at('cut-plan'));
        self::assertFalse($before->json('is_measured'));
        // Measured sizes may make others matter: a larger base no longer comes out of a carton that is a guess.
        for ($round = 0; $round < 3; $round++) {
            foreach (array_filter($this->getJson($this->at('cut-plan'))->json('sizes'), fn (array $size): bool => $size['effects'] !== []) as $size) {
                $entry = $size['path'] === 'depth' ? '1 in' : ($size['path'] === 'body.blade_circle' ? '18 in' : $size['value']['imperial']);
                $this->postJson($this->at('sizes'), ['kind' => $size['kind'], 'code' => $size['code'], 'path' => $size['path'], 'entry' => $entry])->assertCreated();
            }
        }
        $after = $this->getJson($this->at('cut-plan'));
        self::assertTrue($after->json('is_measured'));
        // A pinwheel is as wide as the filter and its depth: 19 1/2 and 1 in.
        self::assertSame('20 1/2 in', $after->json('parts.0.width.imperial'));
        $blades = array_column($after->json('sizes'), null, 'path')['body.blade_circle'];
        self::assertSame([true, $this->builder->name], [$blades['measured'], $blades['by']]);
        $parts = array_column($this->programme->parts()->get()->toArray(), 'figures', 'code');
        self::assertSame('measured', $parts['box-20-plain']['body']['blade_circle_m']['from']);
        $svg = $this->get($this->at('cut-files/b-shroud.svg'))->assertOk()->getContent();
        self::assertStringNotContainsString('Check sizes', (string) $svg);
        self::assertStringContainsString('r="228.6"', (string) $svg);
    }

    public function test_an_offcut_that_is_kept_is_cut_from_before_anything_is_bought(): void
    {
        Offcut::query()->create(['programme_id' => $this->programme->id, 'material' => 'board-24x36', 'width_m' => 0.6, 'height_m' => 0.56]);
        $none = ['cartons' => false, 'revision' => 0] + self::WRITTEN;
        $plan = $this->putJson($this->at('cut-plan'), $none)->assertOk();
        self::assertCount(1, array_filter($plan->json('sheets'), fn (array $sheet): bool => str_starts_with($sheet['id'], 'offcut-')));
        $bought = array_values(array_filter($plan->json('sheets'), fn (array $sheet): bool => $sheet['bought']));
        self::assertCount(1, $bought);
        self::assertNotNull($bought[0]['offcut']);
        $kept = $this->postJson($this->at('offcuts'), ['sheet' => $bought[0]['id'], 'number' => $bought[0]['number']])->assertCreated();
        $offcut = Offcut::query()->findOrFail($kept->json('id'));
        self::assertGreaterThan(0.15, min((float) $offcut->width_m, (float) $offcut->height_m));
        $this->assertFaults($this->postJson($this->at('offcuts'), ['sheet' => 'board-24x36', 'number' => 99]), ['sheet']);
        $this->deleteJson("/api/v1/offcuts/{$offcut->id}")->assertNoContent();
    }

    public function test_what_no_longer_goes_where_it_was_laid_by_hand_is_laid_with_the_rest_and_told(): void
    {
        $offcut = Offcut::query()->create(['programme_id' => $this->programme->id, 'material' => 'board-24x36', 'width_m' => 0.6, 'height_m' => 0.56]);
        $none = ['cartons' => false, 'revision' => 0] + self::WRITTEN;
        $sheets = array_column($this->putJson($this->at('cut-plan'), $none)->assertOk()->json('sheets'), null, 'id');
        $label = $sheets["offcut-{$offcut->id}"]['placed'][0]['piece'];
        $pins = array_map(fn (array $sheet): array => ['label' => $sheet['placed'][0]['piece'], 'sheet' => $sheet['id'], 'number' => 1, 'x_mm' => $sheet['placed'][0]['x_mm'], 'y_mm' => $sheet['placed'][0]['y_mm'], 'turn' => $sheet['placed'][0]['turn']], array_values($sheets));
        $laid = $this->putJson($this->at('cut-plan'), ['pinned' => $pins, 'revision' => 1] + $none)->assertOk();
        self::assertSame([[], 2], [$laid->json('loose'), count($laid->json('written.pinned'))]);

        $this->deleteJson("/api/v1/offcuts/{$offcut->id}")->assertNoContent();
        $after = $this->getJson($this->at('cut-plan'))->assertOk();
        self::assertSame(["The sheet that part {$label} was laid on is not there any more. Lay it on another."], $after->json('loose'));
        self::assertSame(['board-24x36'], array_column($after->json('written.pinned'), 'sheet'));
        self::assertCount(2, array_merge(...array_column($after->json('sheets'), 'placed')));
        $this->get($this->at('cut-files/all.zip'))->assertOk();
        // Laid out again, it is no longer told.
        self::assertSame([], $this->putJson($this->at('cut-plan'), ['pinned' => $after->json('written.pinned'), 'revision' => 2] + $none)->assertOk()->json('loose'));
    }

    public function test_a_size_that_does_not_go_is_refused_and_one_that_another_build_measured_stops_no_list(): void
    {
        $size = ['kind' => 'fan', 'code' => 'box-20-plain', 'path' => 'body.side', 'entry' => '1.2 m'];
        $this->assertFaults($this->postJson($this->at('sizes'), $size), ['unit.fan']);
        self::assertSame(['', 0], [$this->getJson($this->at('cut-plan'))->json('misfit'), $this->programme->parts()->count()], 'it was kept');
        $own = $this->getJson($this->at('cut-plan'))->json('parts');

        $figures = ['body' => ['side_m' => ['value' => 1.2, 'from' => 'measured', 'entry' => '1.2 m']]];
        $this->programme->parts()->create(['kind' => 'fan', 'code' => 'box-20-plain', 'like_code' => 'box-20-plain', 'figures' => $figures, 'revision' => 1]);
        $plan = $this->getJson($this->at('cut-plan'))->assertOk();
        self::assertStringContainsString('1,200 mm', $plan->json('misfit'));
        self::assertSame($own, $plan->json('parts'), 'it is not cut by what it was saved with');
        $list = $this->getJson($this->list())->assertOk();
        self::assertSame(["{$this->version->build->room->name}, Cube: {$plan->json('misfit')}"], $list->json('misfits'));
        self::assertNotSame([], $list->json('lines'));
        // What is measured next may put it right, one size after the other.
        self::assertSame('', $this->postJson($this->at('sizes'), ['entry' => '20 in'] + $size)->assertCreated()->json('misfit'));
    }

    public function test_one_list_shares_packs_between_rooms_and_takes_from_stock_what_nobody_else_has_reserved(): void
    {
        $other = $this->version(Room::factory()->for($this->version->build->room->site)->create(), ['units' => 2]);
        $list = $this->getJson($this->list())->assertOk();
        $lines = array_column($list->json('lines'), null, 'part');
        self::assertSame([3, 12], [$lines['box-20-plain']['needed'], $lines['20x20x1-g13-economy']['needed']]);
        // Each by itself is bought in more packs than both together.
        $alone = array_sum(array_map(fn (Version $one): float => (float) $this->getJson($this->list()."?rooms={$one->build->room_id}")->json('to_buy'), [$this->version, $other]));
        self::assertLessThan($alone, (float) $list->json('to_buy'));

        $this->stock('bought', 8, null);
        $this->stock('reserved', 5, $other->build_id);
        self::assertSame(8, array_column($this->getJson($this->list())->json('lines'), null, 'part')['20x20x1-g13-economy']['from_stock']);
        $mine = array_column($this->getJson($this->list()."?rooms={$this->version->build->room_id}")->json('lines'), null, 'part');
        self::assertSame(3, $mine['20x20x1-g13-economy']['from_stock'], 'pieces were counted that are reserved for another build');
        $this->stock('used', 5, $other->build_id);
        self::assertSame(8, array_column($this->getJson($this->list())->json('lines'), null, 'part')['20x20x1-g13-economy']['from_stock']);
        self::assertStringContainsString('20x20x1-g13-economy', (string) $this->get($this->list().'.csv')->assertOk()->getContent());
        self::assertStringStartsWith('%PDF', (string) $this->get($this->list().'.pdf')->assertOk()->getContent());
        $this->getJson($this->list().'?rooms=1,x')->assertUnprocessable();
    }

    public function test_whoever_waits_for_a_layout_is_told_how_far_it_is_and_can_end_it(): void
    {
        $ticket = 'laying-out-1';
        $laying = new LayingOut($this->builder, $ticket);
        $tell = $laying->telling();
        usleep(260_000);
        $tell(0.4);
        self::assertSame(0.4, $this->getJson("/api/v1/layouts/{$ticket}")->assertOk()->json('share'));
        $this->actingAs($this->person())->getJson("/api/v1/layouts/{$ticket}")->assertOk()->assertJsonPath('share', 0);
        $this->deleteJson("/api/v1/layouts/{$ticket}")->assertNoContent();
        usleep(260_000);
        $tell(0.5);
        $this->actingAs($this->builder)->deleteJson("/api/v1/layouts/{$ticket}")->assertNoContent();
        usleep(260_000);
        try {
            $tell(0.6);
            self::fail('it went on');
        } catch (HttpException $ended) {
            self::assertSame(409, $ended->getStatusCode());
        }
        $this->getJson($this->list(), ['X-Ticket' => 'laying-out-2'])->assertOk();
    }

    public function test_of_two_ticks_the_later_holds_in_whatever_order_they_come(): void
    {
        $now = (int) now()->valueOf();
        $tick = fn (bool $ticked, int $at) => $this->putJson($this->list().'/ticks', ['ticks' => [['part' => 'box-20-plain', 'ticked' => $ticked, 'at' => $at]]])->assertNoContent();
        $isTicked = fn (): bool => array_column($this->getJson($this->list())->json('lines'), null, 'part')['box-20-plain']['ticked'];
        $tick(true, $now - 2000);
        $tick(true, $now - 2000);
        self::assertTrue($isTicked());
        $tick(false, $now - 9000);
        self::assertTrue($isTicked(), 'an older tick went before a newer one');
        $tick(false, $now - 1000);
        self::assertFalse($isTicked());
        // A clock that is ahead holds nothing up.
        $tick(true, $now + 3_600_000);
        $this->travel(2)->seconds();
        $tick(false, (int) now()->valueOf());
        self::assertFalse($isTicked());
    }

    public function test_what_was_ticked_comes_to_stock_in_whole_packs_and_the_rest_does_not(): void
    {
        $this->putJson($this->list().'/ticks', ['ticks' => [['part' => '20x20x1-g13-economy', 'ticked' => true, 'at' => 1], ['part' => 'duct-tape', 'ticked' => false, 'at' => 1]]])->assertNoContent();
        $line = array_column($this->getJson($this->list())->json('lines'), null, 'part')['20x20x1-g13-economy'];
        $list = $this->postJson($this->list().'/bought', [])->assertCreated();
        self::assertSame($line['pieces'], (int) DB::table('stock_levels')->where('programme_id', $this->programme->id)->where('code', '20x20x1-g13-economy')->value('on_hand'));
        self::assertSame('', array_column($list->json('lines'), null, 'part')['20x20x1-g13-economy']['packs']);
        self::assertSame([], array_filter(array_column($list->json('lines'), 'ticked')));
        self::assertSame(0, DB::table('stock_levels')->where('programme_id', $this->programme->id)->where('code', 'duct-tape')->count());
    }

    private function at(string $what): string
    {
        return "/api/v1/versions/{$this->version->id}/{$what}";
    }

    private function list(): string
    {
        return "/api/v1/programmes/{$this->programme->id}/shopping";
    }

    private function stock(string $move, int $pieces, ?int $build): void
    {
        $this->postJson("/api/v1/programmes/{$this->programme->id}/stock", ['kind' => 'filter', 'code' => '20x20x1-g13-economy', 'move' => $move, 'pieces' => $pieces, 'build' => $build, 'note' => ''])->assertCreated();
    }

    /** @param  array<string, mixed>  $choices */
    private function version(Room $room, array $choices = []): Version
    {
        $build = $room->builds()->create(['name' => 'Cube']);

        return $this->app->make(SaveVersion::class)($build->setRelation('room', $room), $this->builder ?? $this->person(), $choices + self::CHOICES, 0);
    }
}
