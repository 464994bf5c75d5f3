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

    public function test_a_weak_box_fan_moves_four_fifths_at_a_twentieth_of_an_inch(): void
    {
        // Common practice, no source: a drop of 0.05 inWC leaves a weak box fan about four fifths of its free flow.
        $curve = Sample::catalogue()->fan('box-20-plain')->speeds[2]->curve;

        self::assertEqualsWithDelta(0.8, $curve->flow(0.05 * 249.089) / $curve->freeFlow(), 0.03);
    }

    public function test_other_speeds_follow_the_fan_laws(): void
    {
        // Source: AMCA / ASHRAE Handbook, HVAC Systems and Equipment. At 0.8 of the speed: flow 0.8, pressure 0.64, power 0.512, level -4.85 dB.
        [$slow, , $top] = Sample::catalogue()->fan('box-20-plain')->speeds;

        self::assertEqualsWithDelta(0.8, $slow->curve->freeFlow() / $top->curve->freeFlow(), 1e-12);
        self::assertEqualsWithDelta(0.64, $slow->curve->shutOff() / $top->curve->shutOff(), 1e-12);
        self::assertEqualsWithDelta(0.512, $slow->watts / $top->watts, 1e-12);
        self::assertEqualsWithDelta(-4.8455, $slow->level - $top->level, 1e-4);
    }

    public function test_a_figure_may_carry_its_own_provenance(): void
    {
        $fan = Sample::fan(['free_flow_cfm' => ['value' => 1180, 'from' => 'measured']]);

        self::assertSame(Provenance::Measured, $fan->provenance);
        self::assertEqualsWithDelta(1180 * 4.719474e-4, $fan->speeds[2]->curve->freeFlow(), 1e-12);
    }

    public function test_a_fan_with_nonsense_is_refused_with_the_path(): void
    {
        foreach ([['free_flow_cfm' => 0], ['body' => ['side_in' => 'wide']], ['speeds' => [['ratio' => -1]]], ['free_flow_cfm' => ['value' => 1, 'from' => 'guessed']]] as $wrong) {
            try {
                Sample::fan($wrong);
                self::fail(json_encode($wrong) ?: '');
            } catch (BadRecord $refusal) {
                self::assertStringStartsWith((string) array_key_first($wrong), $refusal->field);
            }
        }
    }
}
