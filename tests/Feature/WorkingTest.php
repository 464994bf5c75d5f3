<?php

namespace Tests\Feature;

class WorkingTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person());
    }

    public function test_every_speed_has_its_curve_and_its_points_clean_and_loaded(): void
    {
        $answer = $this->postJson('/api/v1/workings', $this->evaluation())->assertOk();
        $ledger = $this->postJson('/api/v1/evaluations', $this->evaluation())->assertOk();

        self::assertSame(array_column($ledger->json('unit.speeds'), 'name'), array_column($answer->json('speeds'), 'name'));
        foreach ($answer->json('speeds') as $number => $speed) {
            self::assertSame($ledger->json("unit.speeds.{$number}.filter_flow"), $speed['clean']['flow']);
            self::assertSame($ledger->json("unit.speeds.{$number}.pressure"), $speed['clean']['pressure']);
            self::assertLessThan($speed['clean']['at']['metric'][0][0], $speed['loaded']['at']['metric'][0][0]);
        }
        $chosen = $answer->json('speeds.'.$ledger->json('unit.chosen').'.clean');
        [$flow, $pressure] = $chosen['at']['imperial'][0];
        [[$least, $low], , [$most, $high]] = $answer->json('band.imperial');
        self::assertTrue($least < $flow && $flow < $most && $low < $pressure && $pressure < $high);
        $this->postJson('/api/v1/workings', ['unit' => null] + $this->evaluation())->assertUnprocessable();
    }

    public function test_every_figure_of_the_ledger_says_why_and_what_it_rests_on(): void
    {
        $why = $this->postJson('/api/v1/workings', $this->evaluation())->assertOk()->json('why');
        $ledger = $this->postJson('/api/v1/evaluations', $this->evaluation())->assertOk()->json();
        $speed = $ledger['unit']['speeds'][$ledger['unit']['chosen']];

        self::assertEqualsCanonicalizing(['clean_air', 'band', 'air_changes', 'minutes90', 'minutes99', 'level', 'watts', 'filter_flow', 'bypass_flow', 'pressure', 'first', 'total', 'asks'], array_keys($why));
        foreach ($why as $key => $lines) {
            foreach ($lines as $line) {
                self::assertNotSame('', $line['formula'].$line['filled']['metric'], $key);
                self::assertNotSame('', $line['source'], "{$key}: {$line['figure']}");
            }
        }
        foreach (['clean_air', 'air_changes', 'minutes90', 'level', 'watts'] as $key) {
            self::assertStringContainsString($speed[$key]['imperial'], $why[$key][0]['filled']['imperial'], $key);
        }
        self::assertStringEndsWith($ledger['unit']['cost']['total'], $why['total'][0]['filled']['metric']);
    }

    public function test_the_talk_about_a_need_says_what_it_sets_and_why(): void
    {
        $answer = $this->postJson('/api/v1/needs', ['answers' => ['air' => ['breath'], 'loud' => ['talk'], 'avoid' => ['burns']]])->assertOk();

        self::assertSame([['pollutant', 'Shared air (breath)'], ['goal', 'Clean air per person'], ['noise_limit', '45 dBA'], ['has_fuel_burning', 'yes']], array_map(fn (array $set): array => [$set['field'], $set['shown']], $answer->json('sets')));
        self::assertNotSame('', $answer->json('sets.0.why'));
        self::assertCount(6, $answer->json('questions'));
        $this->postJson('/api/v1/needs', ['answers' => (object) []])->assertOk()->assertJsonPath('sets', []);
        $this->postJson('/api/v1/needs', ['answers' => 'all'])->assertUnprocessable();
    }

    public function test_a_unit_is_held_against_what_is_disputed(): void
    {
        $disputes = collect($this->postJson('/api/v1/disputes', ['unit' => self::CHOICES])->assertOk()->json())->keyBy('id');

        self::assertSame(['Shroud', 'None'], array_column($disputes['shroud']['sides'], 'name'));
        self::assertSame(['', 'push'], array_column(array_column($disputes['direction']['sides'], 'choices'), 'direction'));
        foreach ($disputes->pluck('sides')->flatten(1) as $side) {
            $this->postJson('/api/v1/evaluations', ['unit' => $side['choices']] + $this->evaluation())->assertOk();
        }
    }

    public function test_up_to_four_builds_stand_side_by_side(): void
    {
        $ask = fn (array $units) => $this->postJson('/api/v1/comparisons', ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'units' => $units]);
        $answer = $ask([self::CHOICES, ['corners' => 'open'] + self::CHOICES])->assertOk();

        self::assertContains('most clean air', $answer->json('columns.0.bests'));
        self::assertContains('quickest to build', $answer->json('columns.1.bests'));
        self::assertEquals($this->postJson('/api/v1/evaluations', $this->evaluation())->json('unit.speeds'), $answer->json('columns.0.ledger.unit.speeds'));
        $ask(array_fill(0, 5, self::CHOICES))->assertUnprocessable();
        $ask([])->assertUnprocessable();
    }
}
