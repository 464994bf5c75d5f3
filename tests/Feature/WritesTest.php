<?php

namespace Tests\Feature;

use App\Http\Middleware\AcknowledgeWrite;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\StockMovement;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use RuntimeException;

/** A write is acknowledged exactly when it is committed, and done once however often it is sent. */
class WritesTest extends FeatureTestCase
{
    private Programme $programme;

    private Room $room;

    protected function setUp(): void
    {
        parent::setUp();
        $this->room = $this->room();
        $this->programme = $this->room->site->programme;
        $this->actingAs($this->person(Role::Organiser, $this->programme));
    }

    public function test_the_same_write_sent_again_is_answered_again_and_does_nothing_twice(): void
    {
        $first = $this->bought(5, 'key-of-the-client-1')->assertCreated()->assertHeaderMissing(AcknowledgeWrite::REPEATED);
        $again = $this->bought(5, 'key-of-the-client-1')->assertCreated()->assertHeader(AcknowledgeWrite::REPEATED, 'true');

        self::assertSame($first->getContent(), $again->getContent());
        self::assertSame(1, $this->movements());
        $this->bought(5, 'key-of-the-client-2')->assertCreated();
        self::assertSame(2, $this->movements());
        $this->bought(6, 'key-of-the-client-1')->assertUnprocessable()->assertJsonPath('message', 'This key was used for another write already.');
        $this->actingAs($this->person(Role::Builder, $this->programme));
        $this->bought(5, 'key-of-the-client-1')->assertCreated()->assertHeaderMissing(AcknowledgeWrite::REPEATED);
        self::assertSame(3, $this->movements());
    }

    public function test_an_answer_without_a_body_is_given_again_too(): void
    {
        $headers = [AcknowledgeWrite::KEY => 'delete-the-room'];
        $this->deleteJson("/api/v1/rooms/{$this->room->id}/deletion", [], $headers)->assertNoContent();
        $this->deleteJson("/api/v1/rooms/{$this->room->id}/deletion", [], $headers)->assertNoContent()->assertHeader(AcknowledgeWrite::REPEATED, 'true');
    }

    public function test_what_was_refused_does_not_take_its_key(): void
    {
        $this->assertFaults($this->bought(0, 'tried-and-mended'), ['pieces']);
        $this->bought(4, 'tried-and-mended')->assertCreated();
        self::assertSame(1, $this->movements());
        $this->bought(4, 'no key at all')->assertBadRequest();
    }

    public function test_nothing_is_kept_of_a_write_that_could_not_be_answered(): void
    {
        Route::post('api/v1/written-then-broken', function (): never {
            $this->programme->movements()->create(['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => 3]);
            throw new RuntimeException('The answer fails.');
        })->middleware(['auth:web', AcknowledgeWrite::class]);

        $this->withExceptionHandling()->postJson('/api/v1/written-then-broken', [], [AcknowledgeWrite::KEY => 'written-then-broken'])->assertInternalServerError();
        self::assertSame(0, $this->movements());
        $this->assertDatabaseMissing('writes', ['key' => 'written-then-broken']);
    }

    public function test_whoever_may_no_longer_write_is_not_answered_from_before(): void
    {
        $person = $this->person(Role::Builder, $this->programme);
        $this->actingAs($person);
        $this->bought(5, 'while-a-builder')->assertCreated();
        $this->programme->people()->detach($person->id);
        $this->actingAs(Person::query()->findOrFail($person->id));
        $this->bought(5, 'while-a-builder')->assertNotFound();
    }

    public function test_stock_goes_on_after_a_room_is_deleted_and_gives_its_pieces_back(): void
    {
        $build = $this->room->builds()->create(['name' => 'Cube']);
        $move = fn (string $move, int $pieces, ?int $for = null): TestResponse => $this->postJson($this->path(), ['kind' => 'filter', 'code' => '20x20x1-g13-dense', 'move' => $move, 'pieces' => $pieces, 'build' => $for]);
        $move('bought', 8)->assertCreated();
        $move('reserved', 4, $build->id)->assertCreated();
        $this->deleteJson("/api/v1/rooms/{$this->room->id}")->assertNoContent();

        $title = "{$this->room->name} (deleted): Cube";
        $this->getJson($this->path())->assertOk()->assertJsonPath('latest.movements.0.build', $title)->assertJsonPath('builds', [['id' => $build->id, 'name' => $title]]);
        $move('used', 1, $build->id)->assertNotFound();
        $move('returned', 4, $build->id)->assertCreated()->assertJsonPath('lines.0.free', 8)->assertJsonPath('builds', []);
        $this->getJson("/api/v1/builds/{$build->id}")->assertNotFound();
    }

    private function bought(int $pieces, string $key): TestResponse
    {
        return $this->postJson($this->path(), ['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => $pieces], [AcknowledgeWrite::KEY => $key]);
    }

    private function movements(): int
    {
        return StockMovement::query()->where('programme_id', $this->programme->id)->count();
    }

    private function path(): string
    {
        return "/api/v1/programmes/{$this->programme->id}/stock";
    }
}
