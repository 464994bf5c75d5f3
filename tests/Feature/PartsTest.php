<?php

namespace Tests\Feature;

use App\Models\Programme;
use App\Models\Role;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;

class PartsTest extends FeatureTestCase
{
    private Programme $programme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->programme = Programme::factory()->create();
        $this->actingAs($this->person(Role::Builder, $this->programme));
    }

    public function test_every_part_is_listed_with_how_it_stands(): void
    {
        $lines = collect($this->getJson($this->path())->assertOk()->json());

        self::assertGreaterThan(150, $lines->count());
        self::assertSame(['catalogue'], $lines->pluck('standing')->unique()->all());
        self::assertEqualsCanonicalizing(['fan', 'filter', 'joining', 'material'], $lines->pluck('kind')->unique()->all());
    }

    public function test_a_measured_figure_goes_before_the_catalogues_with_its_provenance_and_changes_the_answer(): void
    {
        $before = $this->cleanAir();
        $answer = $this->save('fan', 'box-20-plain', ['free_flow' => ['entry' => '1,050 cfm', 'from' => 'measured']])->assertOk();
        $flow = collect($answer->json('figures'))->firstWhere('path', 'free_flow');

        $answer->assertJsonPath('standing', 'changed')->assertJsonPath('revision', 1);
        self::assertSame(['1,050 cfm', 'measured', '1,250 cfm', true], [$flow['shown']['imperial'], $flow['from'], $flow['shipped']['imperial'], $flow['is_own']]);
        self::assertSame('typical', collect($answer->json('figures'))->firstWhere('path', 'shut_off')['from']);
        self::assertNotSame($before, $this->cleanAir());
        // The curve at the top speed ends at the free flow.
        self::assertEqualsWithDelta([1050.0, 0.0], last(last($answer->json('curve.curves'))['line']['imperial']), 0.1);
    }

    public function test_a_part_of_ones_own_can_be_built_with(): void
    {
        $this->save('filter', 'own-fen-board', ['width' => ['entry' => '19 5/8 in', 'from' => 'measured'], 'height' => ['entry' => '19 5/8', 'from' => 'measured'], 'drop.pressure' => ['entry' => '45 Pa', 'from' => 'measured']], ['name' => 'Fen board 20 × 20', 'like' => '20x20x1-g13-dense', 'packs' => [['count' => 4, 'price' => '36,50']]])->assertOk()->assertJsonPath('standing', 'own')->assertJsonPath('packs.0.price', '36.50');

        $answer = $this->postJson('/api/v1/evaluations', $this->evaluation('unit.filter', 'own-fen-board') + ['programme' => $this->programme->id])->assertOk();
        self::assertStringContainsString('Fen board', $answer->json('unit.summary'));
        self::assertContains('own-fen-board', array_column($this->getJson("/api/v1/catalogue?programme={$this->programme->id}")->json('filters'), 'id'));
        // Nobody else has it.
        self::assertNotContains('own-fen-board', array_column($this->getJson('/api/v1/catalogue')->json('filters'), 'id'));
        $this->postJson('/api/v1/evaluations', $this->evaluation('unit.filter', 'own-fen-board'))->assertUnprocessable();
    }

    public function test_prices_of_ones_own_reach_the_cost(): void
    {
        $first = fn (): string => $this->postJson('/api/v1/evaluations', $this->evaluation() + ['programme' => $this->programme->id])->json('unit.cost.first');
        $before = $first();
        $this->save('fan', 'box-20-plain', [], ['packs' => [['count' => 1, 'price' => '128.00']]])->assertOk();

        self::assertEqualsWithDelta(100.0, (float) $first() - (float) $before, 0.001);
    }

    public function test_measured_points_are_the_curve(): void
    {
        $points = [['along' => '900 cfm', 'pressure' => '0'], ['along' => '500', 'pressure' => '0.08 inwc'], ['along' => '0', 'pressure' => '30 Pa']];
        $before = $this->cleanAir();
        $answer = $this->save('fan', 'box-20-plain', [], ['points' => $points, 'points_from' => 'measured'])->assertOk();

        $answer->assertJsonPath('points.is_own', true)->assertJsonPath('points.from', 'measured')->assertJsonPath('points.rows.1.along', '500 cfm')->assertJsonPath('points.rows.2.pressure', '30 Pa');
        self::assertNull(collect($answer->json('figures'))->firstWhere('path', 'free_flow')['shown']);
        self::assertNotSame($before, $this->cleanAir());

        $filter = $this->save('filter', '20x20x1-g13-dense', [], ['points' => [['along' => '150 fpm', 'pressure' => '20 Pa'], ['along' => '300 fpm', 'pressure' => '52 Pa']]])->assertOk();
        $filter->assertJsonPath('points.rows.0.along', '150 fpm');
    }

    public function test_what_was_written_stays_as_it_was_in_either_measure(): void
    {
        $entry = fn (TestResponse $answer, string $path): string => collect($answer->json('figures'))->firstWhere('path', $path)['entry'];
        $written = ['free_flow' => ['entry' => '1103.7', 'from' => 'measured'], 'shut_off' => ['entry' => '0.18125 inWC', 'from' => 'measured'], 'level' => ['entry' => '61.4', 'from' => 'measured']];
        $answer = $this->save('fan', 'box-20-plain', $written)->assertOk();

        // Kept finer than it is shown, and a bare number with its unit, so that kept again nothing drifts.
        self::assertSame(['1103.7 cfm', '0.18125 inWC', '61.4 dBA', ''], array_map(fn (string $path): string => $entry($answer, $path), ['free_flow', 'shut_off', 'level', 'power']));
        $this->patchJson('/api/v1/session', ['measure' => 'metric'])->assertOk();
        $clean = $this->cleanAir();
        $again = array_map(fn (string $path): array => ['entry' => $entry($answer, $path), 'from' => 'measured'], ['free_flow' => 'free_flow', 'shut_off' => 'shut_off', 'level' => 'level']);
        $this->save('fan', 'box-20-plain', $again, ['revision' => 1])->assertOk();
        self::assertSame($clean, $this->cleanAir());
    }

    #[TestWith(['motor', 'box-20-plain'])]
    #[TestWith(['fan', 'no_such code'])]
    public function test_a_part_that_cannot_be_is_not_there(string $kind, string $code): void
    {
        $this->getJson($this->path($kind, rawurlencode($code)))->assertNotFound();
        $this->save($kind, rawurlencode($code), [], ['like' => 'box-20-plain'])->assertNotFound();
        $this->save('fan', str_repeat('x', 81), [], ['like' => 'box-20-plain'])->assertNotFound();
    }

    public function test_a_measured_share_of_one_bin_leaves_the_others_as_graded(): void
    {
        $before = $this->cleanAir();
        $answer = $this->save('filter', self::CHOICES['filter'], ['efficiency.e1' => ['entry' => '41 %', 'from' => 'measured']])->assertOk();
        $bins = collect($answer->json('figures'))->filter(fn (array $figure): bool => str_starts_with($figure['path'], 'efficiency'))->values();

        self::assertSame([['41 %', 'measured'], ['85 %', 'rated'], ['90 %', 'rated']], $bins->map(fn (array $bin): array => [$bin['shown']['imperial'], $bin['from']])->all());
        self::assertSame('50 %', $bins[0]['shipped']['imperial']);
        self::assertLessThan((float) $before, (float) $this->cleanAir());
    }

    #[TestWith(['points', [['along' => '500', 'pressure' => '0.1']]])]
    #[TestWith(['points.1.along', [['along' => '500', 'pressure' => '0.1'], ['along' => 'wide', 'pressure' => '0']]])]
    #[TestWith(['points.0.pressure', [['along' => '500', 'pressure' => ''], ['along' => '900', 'pressure' => '0']]])]
    #[TestWith(['figures.free_flow', [['along' => '500', 'pressure' => '0.1'], ['along' => '900', 'pressure' => '0']], ['free_flow' => ['entry' => '800 cfm', 'from' => 'measured']]])]
    #[TestWith(['curve', [['along' => '500', 'pressure' => '0.1'], ['along' => '900', 'pressure' => '0.2']]])]
    public function test_points_that_make_no_curve_are_told(string $field, array $points, array $figures = []): void
    {
        $this->assertFaults($this->save('fan', 'box-20-plain', $figures, ['points' => $points]), [$field]);
    }

    public function test_taken_back_the_shipped_figures_hold_again_and_saved_versions_keep_theirs(): void
    {
        $room = $this->room();
        $programme = $room->site->programme;
        $this->programme = $programme;
        $this->actingAs($this->person(Role::Builder, $programme));
        $this->save('fan', 'box-20-plain', ['free_flow' => ['entry' => '900 cfm', 'from' => 'measured']])->assertOk();
        $saved = $this->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->assertCreated()->json('latest');
        $this->deleteJson($this->path('fan', 'box-20-plain'))->assertNoContent();

        $version = $this->getJson("/api/v1/versions/{$saved['id']}")->assertOk();
        self::assertSame($saved['clean_air'], $version->json('ledger.unit.speeds.2.judged'));
        self::assertSame(['A part'], $version->json('newer'));
        $this->getJson($this->path('fan', 'box-20-plain'))->assertJsonPath('standing', 'catalogue');
        // Written again it comes back as a new revision.
        $this->save('fan', 'box-20-plain', ['free_flow' => ['entry' => '950 cfm', 'from' => 'rated']])->assertOk()->assertJsonPath('standing', 'changed');
    }

    #[TestWith(['figures.free_flow', ['free_flow' => ['entry' => '0 cfm', 'from' => 'measured']]])]
    #[TestWith(['figures.free_flow', ['free_flow' => ['entry' => 'much', 'from' => 'measured']]])]
    #[TestWith(['figures.free_flow', ['free_flow' => ['entry' => '12 Pa', 'from' => 'measured']]])]
    #[TestWith(['figures.free_flow', ['free_flow' => ['entry' => '900 cfm', 'from' => 'guessed']]])]
    #[TestWith(['figures.body.side', ['body.side' => ['entry' => '9 ft', 'from' => 'measured']]])]
    #[TestWith(['name', [], ['name' => '']])]
    #[TestWith(['packs.0.price', [], ['packs' => [['count' => 1, 'price' => 'cheap']]]])]
    #[TestWith(['packs.0.count', [], ['packs' => [['count' => 0, 'price' => '3']]]])]
    public function test_what_cannot_be_is_told_at_its_field_and_nothing_is_kept(string $field, array $figures, array $more = []): void
    {
        $this->assertFaults($this->save('fan', 'box-20-plain', $figures, $more), [$field]);
        $this->getJson($this->path('fan', 'box-20-plain'))->assertJsonPath('standing', 'catalogue');
    }

    public function test_all_faults_are_told_at_once(): void
    {
        $this->assertFaults($this->save('fan', 'box-20-plain', ['free_flow' => ['entry' => 'x', 'from' => 'measured'], 'power' => ['entry' => '-3', 'from' => 'rated']], ['name' => '']), ['name', 'figures.free_flow', 'figures.power']);
    }

    public function test_two_people_at_once_are_told_and_unknown_parts_are_not_there(): void
    {
        $this->save('fan', 'box-20-plain', [])->assertOk();
        $this->save('fan', 'box-20-plain', [])->assertConflict();
        $this->save('fan', 'own-x', [], ['like' => 'nothing-such'])->assertNotFound();
        $this->save('fan', 'drum-18', [], ['like' => 'box-20-plain'])->assertNotFound();
        $this->getJson($this->path('fan', 'nothing-such'))->assertNotFound();
    }

    private function save(string $kind, string $code, array $figures, array $more = []): TestResponse
    {
        return $this->putJson($this->path($kind, $code), $more + ['name' => 'A part', 'like' => $code, 'figures' => $figures, 'packs' => [], 'revision' => 0]);
    }

    private function cleanAir(): string
    {
        return $this->postJson('/api/v1/evaluations', $this->evaluation() + ['programme' => $this->programme->id])->assertOk()->json('unit.speeds.2.clean_air.imperial');
    }

    private function path(string ...$part): string
    {
        return implode('/', ["/api/v1/programmes/{$this->programme->id}/parts", ...$part]);
    }
}
