<?php

namespace Tests\Feature;

use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Facades\Process;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

class FindTest extends FeatureTestCase
{
    public const WISHES = ['level' => '', 'seat' => '', 'first_cost' => '', 'total_cost' => '', 'footprint' => '', 'height' => '', 'power' => '', 'minutes' => '', 'tools' => null, 'skills' => null, 'from_stock' => false, 'windows' => false, 'prefilters' => false, 'coarser' => false, 'units' => 4];

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person());
    }

    public function test_builds_that_reach_the_goal_are_found_with_their_places_along_every_axis(): void
    {
        $answer = $this->find(['level' => '45', 'seat' => '2 m', 'first_cost' => '400'])->assertOk();

        self::assertGreaterThan(100000, $answer->json('generated'));
        self::assertNotSame([], $answer->json('builds'));
        foreach ($answer->json('builds') as $build) {
            self::assertGreaterThanOrEqual(1.0, $build['share']);
            self::assertLessThanOrEqual(400.0, (float) $build['first_cost']);
            foreach ($build['places'] as $place) {
                self::assertThat($place, self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThanOrEqual(1.0)));
            }
        }
        self::assertSame(['cost', 'level', 'share', 'footprint', 'power', 'minutes'], array_column($answer->json('axes'), 'key'));
        self::assertContains('level', array_column($answer->json('binding'), 'limit'));
        self::assertNotSame([], $answer->json('left_out'));
    }

    public function test_pre_filters_are_looked_at_where_they_are_wished_for(): void
    {
        $bare = $this->find([])->assertOk();
        $wished = $this->find(['prefilters' => true])->assertOk();

        self::assertGreaterThan($bare->json('generated'), $wished->json('generated'));
        self::assertSame([''], array_values(array_unique(array_column(array_column($bare->json('builds'), 'choices'), 'prefilter'))));
    }

    public function test_the_nearest_drawn_seat_is_told(): void
    {
        $question = ['wishes' => self::WISHES] + $this->evaluation('room.furnishings', [['kind' => 'unit', 'x' => 1, 'y' => 1], ['kind' => 'seat', 'x' => 4, 'y' => 5], ['kind' => 'seat', 'x' => 1, 'y' => 4]]);
        unset($question['unit']);

        $this->postJson('/api/v1/finds', $question)->assertOk()->assertJsonPath('nearest_seat.metric', '3.00 m');
        self::assertNull($this->find([])->json('nearest_seat'));
    }

    public function test_what_was_found_does_on_the_bench_what_was_said_of_it(): void
    {
        $build = $this->find(['level' => '50 dBA'])->assertOk()->json('picks.0.build');
        $ledger = $this->postJson('/api/v1/evaluations', ['unit' => $build['choices']] + $this->evaluation())->assertOk();

        $speed = $ledger->json('unit.speeds.'.$ledger->json('unit.chosen'));
        self::assertTrue($speed['reaches_goal']);
        self::assertSame($build['first_cost'], $ledger->json('unit.cost.first'));
        self::assertSame($build['level'], $speed['level']);
        self::assertSame($build['power'], $speed['watts'] ?? $speed['power']);
    }

    public function test_stock_and_own_prices_of_the_programme_count(): void
    {
        $room = $this->room();
        $programme = $room->site->programme;
        $this->actingAs($this->person(Role::Builder, $programme));
        $none = $this->find(['from_stock' => true], ['programme' => $programme->id])->assertOk();
        $none->assertJsonPath('builds', [])->assertJsonPath('binding.0.limit', 'stock');
        foreach ([['fan', 'box-20-plain', 2], ['filter', '20x20x1-g13-economy', 8]] as [$kind, $code, $pieces]) {
            $this->postJson("/api/v1/programmes/{$programme->id}/stock", ['kind' => $kind, 'code' => $code, 'move' => 'bought', 'pieces' => $pieces])->assertCreated();
        }
        $found = $this->find(['from_stock' => true], ['programme' => $programme->id])->assertOk()->json('builds');

        self::assertNotSame([], $found);
        self::assertSame([['box-20-plain', '20x20x1-g13-economy']], array_values(array_unique(array_map(fn (array $build): array => [$build['choices']['fan'], $build['choices']['filter']], $found), SORT_REGULAR)));
        $this->actingAs($this->person(Role::Organiser, Programme::factory()->create()));
        $this->find([], ['programme' => $programme->id])->assertNotFound();
    }

    #[TestWith([['level' => 'quiet'], 'wishes.level'])]
    #[TestWith([['first_cost' => 'cheap'], 'wishes.first_cost'])]
    #[TestWith([['footprint' => '3 W'], 'wishes.footprint'])]
    #[TestWith([['seat' => '500 m'], 'wishes.seat'])]
    #[TestWith([['units' => 9], 'wishes.units'])]
    #[TestWith([['minutes' => '-5'], 'wishes.minutes'])]
    public function test_a_wish_that_cannot_be_is_told_at_its_field(array $wish, string $field): void
    {
        $this->assertFaults($this->find($wish), [$field]);
    }

    public function test_small_drawings_come_in_the_order_asked_for(): void
    {
        $answer = $this->postJson('/api/v1/sketches', ['units' => [self::CHOICES, ['shape' => 'flat-panel'] + self::CHOICES]])->assertOk();

        self::assertCount(2, $answer->json());
        self::assertContains('face-4', array_column($answer->json('0.strokes'), 'part') + ['face-4']);
        self::assertGreaterThan(count($answer->json('1.strokes')), count($answer->json('0.strokes')));
        $this->postJson('/api/v1/sketches', ['units' => array_fill(0, 25, self::CHOICES)])->assertUnprocessable();
    }

    public function test_the_command_answers_the_same_from_a_file(): void
    {
        $ran = Process::path(base_path())->run([PHP_BINARY, 'bin/find.php', 'formats/examples/find.json']);
        self::assertSame(0, $ran->exitCode(), $ran->errorOutput());
        self::assertMatchesRegularExpression('/^[\d,]{7,} candidates: .* beyond the limits, .* short of the goal, .* beaten, .* solved; \d+ builds that none beats\. [\d.]+ s\.$/m', $ran->errorOutput());
        self::assertGreaterThan(0, json_decode($ran->output(), true)['counts']['builds']);
        $file = (string) tempnam(sys_get_temp_dir(), 'find');
        file_put_contents($file, '{"kind": "find", "room": {"volume_m3": 100}, "goal": "air-changes-5", "limits": {"colour": "red"}}');
        $refused = Process::path(base_path())->run([PHP_BINARY, 'bin/find.php', $file]);
        unlink($file);
        self::assertSame(2, $refused->exitCode());
        self::assertStringContainsString('limits.colour', $refused->errorOutput());
    }

    /**
     * @param  array<string, mixed>  $wishes
     * @param  array<string, mixed>  $more
     */
    private function find(array $wishes, array $more = []): TestResponse
    {
        return $this->postJson('/api/v1/finds', $more + ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'wishes' => $wishes + self::WISHES]);
    }
}
