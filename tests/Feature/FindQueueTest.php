<?php

namespace Tests\Feature;

use App\Actions\Shelf;
use App\Finder\FindQueue;
use App\Finder\Service\NobodyWaits;
use App\Finder\Waiting;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Closure;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;
use PDO;

/** So many searches at once; the others wait with their place told, and whoever has left is not searched for. */
class FindQueueTest extends FeatureTestCase
{
    private Person $person;

    private Programme $programme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->programme = $this->room()->site->programme;
        $this->person = $this->person(Role::Builder, $this->programme);
        $this->actingAs($this->person);
        config(['jornel.finds_at_once' => 1, 'jornel.find_hold' => 0.0]);
    }

    public function test_whoever_comes_while_all_slots_are_taken_is_told_their_place_and_comes_in_turn(): void
    {
        $running = $this->takeTheSlot();
        $this->find('first-of-two')->assertAccepted()->assertExactJson(['before' => 0]);
        $this->find('second-of-two')->assertAccepted()->assertExactJson(['before' => 1]);
        $running->exec('DO RELEASE_ALL_LOCKS()');

        $this->find('second-of-two')->assertAccepted()->assertExactJson(['before' => 1]);
        $this->find('first-of-two')->assertOk()->assertJsonStructure(['builds', 'picks']);
        $this->find('second-of-two', ['footprint' => '4 ft²'])->assertOk();
        $this->assertDatabaseEmpty('finds_waiting');
    }

    public function test_whoever_is_near_their_turn_waits_for_it_in_their_request(): void
    {
        config(['jornel.find_hold' => 20.0]);
        $running = $this->takeTheSlot();
        $looks = 0;
        DB::listen(function (QueryExecuted $query) use ($running, &$looks): void {
            if (str_contains($query->sql, 'GET_LOCK') && ++$looks === 3) {
                $running->exec('DO RELEASE_ALL_LOCKS()');
            }
        });

        $this->find('waits-for-it')->assertOk();
        self::assertGreaterThanOrEqual(4, $looks);
    }

    public function test_a_ticket_that_is_given_back_while_its_request_waits_ends_the_request(): void
    {
        config(['jornel.find_hold' => 20.0]);
        $running = $this->takeTheSlot();
        DB::listen(fn (QueryExecuted $query) => str_contains($query->sql, 'GET_LOCK') ? DB::table('finds_waiting')->delete() : null);

        $this->withExceptionHandling()->find('given-back')->assertGone();
        $running->exec('DO RELEASE_ALL_LOCKS()');
    }

    public function test_who_has_gone_away_for_a_moment_is_not_waited_for_and_keeps_their_place(): void
    {
        $running = $this->takeTheSlot();
        $this->find('asks-now-and-then')->assertAccepted();
        $this->find('is-there')->assertExactJson(['before' => 1]);
        $running->exec('DO RELEASE_ALL_LOCKS()');
        $this->travel(3)->seconds();

        $this->find('is-there')->assertOk();
        $running = $this->takeTheSlot();
        $this->find('came-later', ['footprint' => '5 ft²'])->assertExactJson(['before' => 1]);
        $running->exec('DO RELEASE_ALL_LOCKS()');
        $this->find('asks-now-and-then', ['footprint' => '4 ft²'])->assertOk();
    }

    public function test_whoever_left_holds_up_nobody(): void
    {
        $running = $this->takeTheSlot();
        $this->find('gives-it-back')->assertAccepted();
        $this->find('closes-the-page')->assertAccepted();
        $this->find('still-there')->assertAccepted()->assertExactJson(['before' => 2]);
        $this->actingAs($this->person())->deleteJson('/api/v1/finds/gives-it-back')->assertNoContent();
        $this->actingAs($this->person)->find('still-there')->assertExactJson(['before' => 2]);
        $this->deleteJson('/api/v1/finds/gives-it-back')->assertNoContent();
        $this->find('still-there')->assertExactJson(['before' => 1]);

        $running->exec('DO RELEASE_ALL_LOCKS()');
        $this->travel(10)->seconds();
        $this->find('still-there')->assertOk();
    }

    public function test_a_search_that_nobody_waits_for_is_ended(): void
    {
        $queue = app(FindQueue::class);
        $rounds = 0;
        try {
            $queue->turn($this->person->id, 'under-way', function (Closure $meanwhile) use ($queue, &$rounds): void {
                for ($until = microtime(true) + 5.0; microtime(true) < $until; $rounds++) {
                    if ($rounds === 3) {
                        $queue->leave($this->person->id, 'under-way');
                    }
                    $meanwhile();
                    usleep(20_000);
                }
            });
            self::fail('It went on.');
        } catch (NobodyWaits) {
            self::assertLessThan(40, $rounds);
        }
        self::assertNotInstanceOf(Waiting::class, $queue->turn($this->person->id, 'next-one', fn (): string => 'found'));
    }

    public function test_the_finder_itself_asks_whether_somebody_waits(): void
    {
        DB::listen(fn (QueryExecuted $query) => str_starts_with($query->sql, 'update `finds_waiting`') ? DB::table('finds_waiting')->delete() : null);

        $this->withExceptionHandling()->find('left-at-once', ['level' => '', 'footprint' => '', 'units' => 4])->assertGone();
    }

    public function test_the_same_question_is_answered_from_what_was_found(): void
    {
        $found = $this->find('asked-once')->assertOk()->json();
        $running = $this->takeTheSlot();

        self::assertSame($found, $this->find('asked-again')->assertOk()->json());
        $this->find('with-other-limits', ['level' => '44 dBA'])->assertAccepted();
        $running->exec('DO RELEASE_ALL_LOCKS()');
    }

    public function test_what_the_answer_rests_on_makes_another_question_of_it(): void
    {
        $this->find('as-it-was')->assertOk();
        $running = $this->takeTheSlot();
        $changes = [
            'stock' => fn () => $this->app->make(Shelf::class)->move($this->programme, $this->person, PartKind::Fan, 'box-20-plain', StockMove::Bought, 2, null, ''),
            'altitude' => fn () => $this->programme->update(['altitude_m' => 2000]),
            'price of a part' => fn () => DB::table('parts')->where('code', 'box-20-plain')->update(['figures' => DB::raw("JSON_SET(figures, '$.price', '99')")]),
            'the rules' => fn () => config(['jornel.figures' => 'other']),
        ];
        foreach ($changes as $name => $change) {
            $change();
            self::assertSame(202, $this->find('after-a-change')->status(), $name);
            $running->exec('DO RELEASE_ALL_LOCKS()');
            $this->find('after-a-change')->assertOk();
            $running = $this->takeTheSlot();
            self::assertSame(200, $this->find('after-a-change')->status(), $name);
        }
    }

    /** @param  array<string, mixed>  $wishes */
    private function find(string $ticket, array $wishes = []): TestResponse
    {
        $question = ['wishes' => $wishes + ['level' => '50 dBA', 'footprint' => '3 ft²', 'units' => 1] + FindTest::WISHES, 'programme' => $this->programme->id, 'ticket' => $ticket] + $this->evaluation();
        unset($question['unit']);

        return $this->postJson('/api/v1/finds', $question);
    }

    /** As another search would, on a connection of its own. */
    private function takeTheSlot(): PDO
    {
        ['host' => $host, 'port' => $port, 'database' => $database, 'username' => $user, 'password' => $password] = config('database.connections.mysql') ?? config('database.connections.'.config('database.default'));
        $other = new PDO("mysql:host={$host};port={$port};dbname={$database}", $user, $password);
        self::assertSame(1, (int) $other->query("SELECT GET_LOCK('{$database}.find.1', 5)")->fetchColumn());

        return $other;
    }
}
