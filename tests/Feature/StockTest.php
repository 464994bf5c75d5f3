<?php

namespace Tests\Feature;

use App\Models\Build;
use App\Models\Programme;
use App\Models\Role;
use App\Models\StockMovement;
use Illuminate\Database\QueryException;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

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

        $answer->assertJsonPath('lines.0', ['kind' => 'filter', 'code' => '20x20x1-g13-dense', 'name' => $answer->json('lines.0.name'), 'onHand' => 7, 'promised' => 0, 'free' => 7]);
        self::assertSame(['used', 'reserved', 'bought'], array_column($answer->json('movements'), 'move'));
        $answer->assertJsonPath('movements.0.note', 'first unit')->assertJsonPath('movements.0.build', "{$this->build->room->name}: Cube");
        $this->getJson($this->path())->assertOk()->assertExactJson($answer->json());
    }

    #[TestWith(['used', 13, 'pieces', 'Only 12 are free or promised to this build, not 13.'])]
    #[TestWith(['returned', 1, 'pieces', 'None is in use.'])]
    #[TestWith(['reserved', 2, 'build', 'Say which build they are promised to.'])]
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
        $this->move('used', 1, $other->id)->assertNotFound()->assertJsonPath('message', 'This is not there, or no longer. Load the page again to see what is.');
        $this->postJson($this->path(), ['kind' => 'filter', 'code' => 'nothing-such', 'move' => 'bought', 'pieces' => 1])->assertNotFound();
        $this->postJson($this->path(), ['kind' => 'joining', 'code' => 'duct-tape', 'move' => 'bought', 'pieces' => 1])->assertUnprocessable();
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
