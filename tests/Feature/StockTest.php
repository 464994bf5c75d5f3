<?php

namespace Tests\Feature;

use App\Actions\Shelf;
use App\Models\Build;
use App\Models\Programme;
use App\Models\Role;
use App\Models\StockMovement;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;
use Jornel\Core\Kit\InvalidStock;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

class StockTest extends FeatureTestCase
{
    private Programme $programme;

    private Build $build;

    protected function setUp(): void
    {
        parent::setUp();
        $room = $this->room();
        $this->programme = $room->site->programme;
        $this->build = $room->builds()->create(['name' => 'Cube']);
        $this->actingAs($this->person(Role::Builder, $this->programme));
    }

    public function test_what_moved_is_kept_and_the_shelf_follows_from_it(): void
    {
        $this->move('bought', 12)->assertCreated();
        $this->move('reserved', 4, $this->build->id)->assertCreated();
        $answer = $this->move('used', 5, $this->build->id, 'first unit')->assertCreated();

        $answer->assertJsonPath('lines.0', ['kind' => 'filter', 'code' => '20x20x1-g13-dense', 'name' => $answer->json('lines.0.name'), 'on_hand' => 7, 'reserved' => 0, 'free' => 7]);
        self::assertSame(['used', 'reserved', 'bought'], array_column($answer->json('latest.movements'), 'move'));
        $answer->assertJsonPath('latest.movements.0.note', 'first unit')->assertJsonPath('latest.movements.0.build', "{$this->build->room->name}: Cube");
        $this->getJson($this->path())->assertOk()->assertExactJson($answer->json());
    }

    #[TestWith(['used', 13, 'pieces', 'Available or reserved for this build: 12. You entered 13.'])]
    #[TestWith(['returned', 1, 'pieces', 'Used without a build: 0. You entered 1.'])]
    #[TestWith(['reserved', 2, 'build', 'Choose the build to reserve them for.'])]
    #[TestWith(['bought', 0, 'pieces', 'Say how many pieces, as a whole number.'])]
    public function test_more_than_there_is_cannot_move_and_nothing_is_kept(string $move, int $pieces, string $field, string $said): void
    {
        $this->move('bought', 12)->assertCreated();
        $refused = $this->move($move, $pieces);

        $this->assertFaults($refused, [$field]);
        self::assertSame($said, $refused->json("errors.{$field}.0"));
        self::assertSame(1, StockMovement::query()->where('programme_id', $this->programme->id)->count());
    }

    public function test_no_other_programmes_build_and_no_unknown_part_can_be_named(): void
    {
        $other = $this->room()->builds()->create(['name' => 'Theirs']);
        $this->move('bought', 4)->assertCreated();
        $this->move('used', 1, $other->id)->assertNotFound()->assertJsonPath('message', 'This was not found; it may have been deleted. Reload the page.');
        $this->postJson($this->path(), ['kind' => 'filter', 'code' => 'nothing-such', 'move' => 'bought', 'pieces' => 1])->assertNotFound();
        $this->postJson($this->path(), ['kind' => 'joining', 'code' => 'duct-tape', 'move' => 'bought', 'pieces' => 1])->assertUnprocessable();
    }

    public function test_a_whole_kit_is_reserved_used_and_given_back(): void
    {
        $version = $this->postJson("/api/v1/rooms/{$this->build->room_id}/builds", ['name' => 'Kit', 'unit' => ['filter' => '20x20x1-g13-dense'] + self::CHOICES])->assertCreated()->json('latest.id');
        $kit = "/api/v1/versions/{$version}/kit";
        $this->move('bought', 3)->assertCreated();
        $all = $this->getJson($kit)->assertOk()->assertJson(['wanted' => 3, 'reserved' => 0, 'used' => 0])->json();

        $reserved = $this->postJson($kit, ['move' => 'reserved'])->assertCreated()->assertJson(['wanted' => 0, 'reserved' => 3, 'used' => 0]);
        self::assertSame([4, 3, 0], [$reserved->json('lines.1.needed'), $reserved->json('lines.1.from_shelf'), $reserved->json('lines.1.free')]);
        self::assertLessThan((float) $all['to_buy'], (float) $reserved->json('to_buy'));
        $this->assertFaults($this->postJson($kit, ['move' => 'reserved']), ['move']);
        $this->getJson($this->path())->assertJsonPath('lines.0.reserved', 3)->assertJsonPath('latest.movements.0.note', 'kit of version 1');

        $this->postJson($kit, ['move' => 'used'])->assertCreated()->assertJson(['reserved' => 0, 'used' => 3]);
        $this->assertFaults($this->postJson($kit, ['move' => 'returned']), ['move']);
        $this->move('bought', 9)->assertCreated();
        $this->postJson($kit, ['move' => 'reserved'])->assertCreated()->assertJson(['reserved' => 1, 'used' => 3]);
        $this->postJson($kit, ['move' => 'returned'])->assertCreated()->assertJson(['wanted' => 1, 'reserved' => 0, 'used' => 3]);
        $this->assertFaults($this->postJson($kit, ['move' => 'bought']), ['move']);

        $this->actingAs($this->person(Role::Reader, $this->programme))->getJson($kit)->assertOk();
        $this->postJson($kit, ['move' => 'reserved'])->assertForbidden();
        $this->actingAs($this->person())->getJson($kit)->assertNotFound();
    }

    public function test_the_printed_sheet_takes_what_is_reserved_off_the_list(): void
    {
        $version = $this->postJson("/api/v1/rooms/{$this->build->room_id}/builds", ['name' => 'Kit', 'unit' => ['filter' => '20x20x1-g13-dense'] + self::CHOICES])->json('latest.id');
        $this->move('bought', 3)->assertCreated();
        $this->postJson("/api/v1/versions/{$version}/kit", ['move' => 'reserved'])->assertCreated();
        $file = tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $this->get("/api/v1/versions/{$version}/sheet")->assertOk()->getContent());
        $text = (string) preg_replace('/\s+/', ' ', (new Process(['pdftotext', '-raw', $file, '-']))->mustRun()->getOutput());
        unlink($file);

        self::assertMatchesRegularExpression('/4 20x20 × 1 in grade 13, dense pleats 3 from stock, .{0,80}1 × pack .{0,80}of 1/u', $text);
    }

    public function test_what_is_kept_is_what_all_movements_come_to(): void
    {
        $shelf = app(Shelf::class);
        $person = $this->person(Role::Builder, $this->programme);
        $builds = [null, $this->build, $this->build->room->builds()->create(['name' => 'Other']), $this->build->room->builds()->create(['name' => 'Third'])];
        $chance = new Randomizer(new Mt19937(20261128));
        $folded = [];
        $kept = 0;
        for ($i = 0; $i < 400; $i++) {
            [$kind, $code] = [[PartKind::Fan, 'box-20-plain'], [PartKind::Filter, '20x20x1-g13-dense']][$chance->getInt(0, 1)];
            [$move, $pieces, $build] = [StockMove::cases()[$chance->getInt(0, 3)], $chance->getInt(1, 6), $builds[$chance->getInt(0, 3)]];
            try {
                $shelf->move($this->programme, $person, $kind, $code, $move, $pieces, $build, '');
                $kept++;
            } catch (InvalidStock) {
                continue;
            }
            $folded[$kind->key($code)] = ($folded[$kind->key($code)] ?? StockLine::empty())->after($move, $pieces, $build?->id);
        }

        self::assertGreaterThan(150, $kept);
        foreach ($builds as $build) {
            foreach ($shelf->lines($this->programme, $build) as $part => $line) {
                $own = $build->id ?? 0;
                self::assertSame(
                    [$folded[$part]->onHand, $folded[$part]->reserved(), $folded[$part]->freeFor($build?->id), $folded[$part]->used[$own] ?? 0, $folded[$part]->reserved[$own] ?? 0],
                    [$line->onHand, $line->reserved(), $line->freeFor($build?->id), $line->used[$own] ?? 0, $line->reserved[$own] ?? 0],
                );
            }
        }
    }

    public function test_earlier_movements_come_by_pages(): void
    {
        foreach (range(1, 130) as $pieces) {
            $this->programme->movements()->create(['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => $pieces]);
        }
        $page = $this->getJson($this->path())->assertOk()->assertJsonPath('latest.has_earlier', true)->json('latest.movements');
        $seen = array_column($page, 'pieces');
        do {
            $answer = $this->getJson($this->path().'/movements?before='.end($page)['id'])->assertOk();
            $page = $answer->json('movements');
            array_push($seen, ...array_column($page, 'pieces'));
        } while ($answer->json('has_earlier'));

        self::assertSame(range(130, 1), $seen);
        $this->getJson($this->path().'/movements')->assertOk()->assertJsonPath('movements.0.pieces', 130);
        $this->assertFaults($this->getJson($this->path().'/movements?before=x'), ['before']);
        $this->actingAs($this->person())->getJson($this->path().'/movements?before=9')->assertNotFound();
    }

    public function test_builds_are_found_by_words_of_room_and_build_in_any_order(): void
    {
        $room = $this->build->room;
        $room->update(['name' => 'Reading corner 100%']);
        foreach (range(1, 60) as $number) {
            $room->builds()->create(['name' => "Tower {$number}"]);
        }
        $found = fn (string $search): array => array_column($this->getJson($this->path().'/builds?search='.rawurlencode($search))->assertOk()->json(), 'name');

        self::assertCount(50, $found(''));
        self::assertSame(['Reading corner 100%: Cube'], $found('cube reading'));
        self::assertSame(['Reading corner 100%: Tower 17'], $found('17 100%'));
        self::assertSame([], $found('100_'));
        $this->actingAs($this->person())->getJson($this->path().'/builds')->assertNotFound();
    }

    public function test_the_database_itself_refuses_a_movement_of_nothing(): void
    {
        $this->expectException(QueryException::class);
        $this->programme->movements()->create(['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => 0]);
    }

    private function move(string $move, int $pieces, ?int $build = null, string $note = ''): TestResponse
    {
        return $this->postJson($this->path(), ['kind' => 'filter', 'code' => '20x20x1-g13-dense', 'move' => $move, 'pieces' => $pieces, 'build' => $build, 'note' => $note]);
    }

    private function path(): string
    {
        return "/api/v1/programmes/{$this->programme->id}/stock";
    }
}
