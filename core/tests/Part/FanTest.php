<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\TwoFigureCurve;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class FanTest extends TestCase
{
    public function test_the_two_figure_curve_passes_through_its_figures(): void
    {
        $curve = new TwoFigureCurve(0.59, 49.8, 1.2);

        self::assertEqualsWithDelta(0.59, $curve->flow(0.0), 1e-15);
        self::assertSame(0.0, $curve->flow(49.8));
        self::assertSame(0.0, $curve->flow(80.0));
        // P = P0 (1 - (Q/Q0)^1.2) at half the free flow.
        self::assertEqualsWithDelta(0.295, $curve->flow(49.8 * (1.0 - 0.5 ** 1.2)), 1e-12);
    }

    public function test_a_drop_of_a_twentieth_of_an_inch_hardly_holds_a_strong_fan_back(): void
    {
        // Common practice, no source: 0.05 inWC leaves a fan almost unimpeded. It holds for drum and inline fans, not for a box fan.
        $share = function (string $id): float {
            $speeds = Sample::catalogue()->fan($id)->speeds;
            $curve = $speeds[count($speeds) - 1]->curve;

            return $curve->flow(0.05 * 249.089) / $curve->freeFlow();
        };

        self::assertGreaterThan(0.88, min($share('drum-18'), $share('inline-8'), $share('inline-12')));
        self::assertLessThan(0.75, $share('box-20-plain'));
    }

    public function test_other_speeds_follow_the_fan_laws(): void
    {
        // Source: AMCA / ASHRAE Handbook, HVAC Systems and Equipment. At 0.8 of the speed: flow 0.8, pressure 0.64, power 0.512, level -4.85 dB.
        [$slow, $top] = Sample::fan(['speeds' => [['name' => '1', 'ratio' => 0.8], ['name' => '2', 'ratio' => 1]]], replacing: 'speeds')->speeds;

        self::assertEqualsWithDelta(0.8, $slow->curve->freeFlow() / $top->curve->freeFlow(), 1e-12);
        self::assertEqualsWithDelta(0.64, $slow->curve->shutOff() / $top->curve->shutOff(), 1e-12);
        self::assertEqualsWithDelta(0.512, $slow->watts / $top->watts, 1e-12);
        self::assertEqualsWithDelta(-4.8455, $slow->level - $top->level, 1e-4);
    }

    public function test_watts_and_level_of_its_own_win_over_the_fan_laws(): void
    {
        // A tapped AC motor: seven tenths of 75 W on its middle speed, where the third power of 0.6 would give 16 W.
        $fan = Sample::fan(['speeds' => [['name' => 'medium', 'ratio' => 0.6, 'power_w' => 52.5, 'level_dba' => 56], ['name' => 'high', 'ratio' => 1]]], replacing: 'speeds');

        self::assertSame([52.5, 56.0], [$fan->speeds[0]->watts, $fan->speeds[0]->level]);
        self::assertSame([75.0, 64.0], [$fan->speeds[1]->watts, $fan->speeds[1]->level]);
    }

    public function test_middle_speeds_draw_what_was_measured(): void
    {
        // Common practice, no source: 78 W of an 8 in inline fan, 41 W of an 11 in circulator, seven tenths of a box fan's top.
        $watts = fn (string $fan, int $speed): float => Sample::catalogue()->fan($fan)->speeds[$speed]->watts;

        self::assertSame([78.0, 41.0], [$watts('inline-8', 4), $watts('circulator-11', 1)]);
        self::assertEqualsWithDelta(0.7, $watts('box-20-deep', 1) / $watts('box-20-deep', 2), 0.05);
    }

    public function test_no_level_falls_below_the_floor(): void
    {
        // 33 + 50 log10(0.2) = -2 dBA by the laws; 18 dBA is the floor (assumed).
        $slow = Sample::fan(['speeds' => [['name' => 'slow', 'ratio' => 0.2], ['name' => 'fast', 'ratio' => 1]]], 'pc-120', 'speeds')->speeds[0];

        self::assertSame(18.0, $slow->level);
    }

    /** Assumed: an EC motor draws 2 W while it stands, a 12 V fan 0.2 W; an AC motor nothing. */
    public function test_electronics_draw_watts_at_any_speed(): void
    {
        // 0.37 of 60 W: 2 + 58 x 0.050653 = 4.938 W; 5 of 12 V of 2.4 W: 0.2 + 2.2 x 0.072338 = 0.3591 W.
        self::assertEqualsWithDelta(4.938, Sample::catalogue()->fan('circulator-12')->speeds[0]->watts, 1e-3);
        self::assertEqualsWithDelta(0.3591, Sample::catalogue()->fan('pc-120')->speeds[0]->watts, 1e-4);
        $plain = Sample::fan(['motor' => 'AC', 'power_w' => 80, 'speeds' => [['name' => 'half', 'ratio' => 0.5]]], replacing: 'speeds');
        self::assertEqualsWithDelta(10.0, $plain->speeds[0]->watts, 1e-9);
        foreach (Sample::catalogue()->fans as $fan) {
            foreach ($fan->speeds as $speed) {
                self::assertGreaterThanOrEqual(18.0, $speed->level, "{$fan->id} {$speed->name}");
            }
        }
    }

    public function test_a_fan_that_holds_its_flow_speeds_up_against_pressure(): void
    {
        // Straight curve, 0.4 m3/s and 400 Pa at the top; setting at half: 0.2 m3/s, 100 Pa. Against 50 Pa it holds 0.2 when
        // x 0.2 (1 - 50 / (100 x2)) = 0.2: x2 - x - 0.5 = 0, x = 1.36603. Watts by the third power: 10 x3 = 25.49 W.
        $fan = Sample::fan([
            'free_flow_cfm' => 0.4 / 4.719474e-4, 'shut_off_inwc' => 400.0 / 249.089, 'exponent' => 1.0, 'power_w' => 80, 'level_dba' => 60, 'motor' => 'EC', 'standing_power_w' => 0, 'holds_flow' => true,
            'speeds' => [['name' => 'half', 'ratio' => 0.5], ['name' => 'full', 'ratio' => 1]],
        ], replacing: 'speeds');
        $half = $fan->speeds[0];

        self::assertEqualsWithDelta([0.2, 0.2, 0.2], [$half->curve->flow(0.0), $half->curve->flow(50.0), $half->curve->flow(200.0)], 1e-9);
        // The top speed moves 0.4 (1 - 300 / 400) = 0.1 m3/s: from there on it can hold no more.
        self::assertEqualsWithDelta(0.1, $half->curve->flow(300.0), 1e-9);
        self::assertEqualsWithDelta([1.0, 1.36603, 2.0], [$half->hold?->speedUp(0.0), $half->hold?->speedUp(50.0), $half->hold?->speedUp(300.0)], 1e-5);
        self::assertEqualsWithDelta([10.0, 25.4904, 80.0], [$half->watts, $half->hold?->watts($half->watts, 1.366025), $half->hold?->watts($half->watts, 2.0)], 1e-3);
        self::assertEqualsWithDelta(60.0, $half->hold?->level($half->level, 2.0), 1e-9);
    }

    public function test_an_ac_motor_holds_no_flow(): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage('Only an EC motor');

        Sample::fan(['holds_flow' => true]);
    }

    public function test_a_figure_may_carry_its_own_provenance(): void
    {
        $fan = Sample::fan(['free_flow_cfm' => ['value' => 1180, 'from' => 'measured']]);

        self::assertSame(Provenance::Measured, $fan->provenance);
        self::assertEqualsWithDelta(1180 * 4.719474e-4, $fan->speeds[2]->curve->freeFlow(), 1e-12);
    }

    public function test_a_fan_with_nonsense_is_refused_with_the_path(): void
    {
        foreach ([['free_flow_cfm' => 0], ['body' => ['side_in' => 'wide']], ['speeds' => [['ratio' => -1]]], ['free_flow_cfm' => ['value' => 1, 'from' => 'guessed']], ['family' => 'garden fan'], ['family' => null]] as $wrong) {
            try {
                Sample::fan($wrong);
                self::fail(json_encode($wrong) ?: '');
            } catch (BadRecord $refusal) {
                self::assertStringStartsWith((string) array_key_first($wrong), $refusal->field);
            }
        }
    }
}
