<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\FanCurves;
use Jornel\Core\Part\ParallelCurve;
use Jornel\Core\Part\PointCurve;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\TwoFigureCurve;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CurvesTest extends TestCase
{
    public function test_a_curve_of_points_passes_through_them_in_whichever_order_they_come(): void
    {
        $points = [[0.0, 50.0], [0.2, 38.0], [0.4, 17.0], [0.5, 0.0]];
        foreach ([$points, array_reverse($points), [$points[2], $points[0], $points[3], $points[1]]] as $given) {
            $curve = PointCurve::through($given, 'curve');
            foreach ($points as [$flow, $pressure]) {
                self::assertEqualsWithDelta($flow, $curve->flow($pressure), 1e-12);
            }
            self::assertSame([0.5, 50.0], [$curve->freeFlow(), $curve->shutOff()]);
        }
    }

    public function test_beyond_shut_off_nothing_moves(): void
    {
        $curve = PointCurve::through([[0.0, 50.0], [0.5, 0.0]], 'curve');

        self::assertSame([0.0, 0.0, 0.5], [$curve->flow(50.0), $curve->flow(900.0), $curve->flow(-3.0)]);
    }

    public function test_a_scaled_curve_keeps_its_form(): void
    {
        // By the fan laws at 0.8 of the speed: flow 0.8, pressure 0.64.
        $curve = PointCurve::through([[0.0, 50.0], [0.2, 38.0], [0.5, 0.0]], 'curve');
        $slow = $curve->scaled(0.8, 0.64);

        foreach ([0.0, 10.0, 30.0, 45.0] as $pressure) {
            self::assertEqualsWithDelta(0.8 * $curve->flow($pressure), $slow->flow(0.64 * $pressure), 1e-12);
        }
        self::assertEqualsWithDelta([0.4, 32.0], [$slow->freeFlow(), $slow->shutOff()], 1e-12);
    }

    public function test_points_of_the_two_figure_form_give_it_back(): void
    {
        $exact = new TwoFigureCurve(0.6, 50.0, 1.2);
        $points = array_map(fn (int $i): array => [0.6 * $i / 24, $i === 24 ? 0.0 : 50.0 * (1.0 - ($i / 24) ** 1.2)], range(0, 24));
        $curve = PointCurve::through($points, 'curve');

        foreach ([5.0, 12.0, 25.0, 40.0] as $pressure) {
            self::assertEqualsWithDelta($exact->flow($pressure), $curve->flow($pressure), 2e-4);
        }
    }

    #[TestWith([[[0.0, 50.0]], 'two points'])]
    #[TestWith([[[0.1, 50.0], [0.5, 0.0]], 'shut-off pressure'])]
    #[TestWith([[[0.0, 50.0], [0.5, 3.0]], 'free flow'])]
    #[TestWith([[[0.0, 50.0], [0.2, 55.0], [0.5, 0.0]], 'must fall'])]
    #[TestWith([[[0.0, 50.0], [0.2, 30.0], [0.2, 20.0], [0.5, 0.0]], 'must fall'])]
    public function test_what_is_no_fan_curve_is_refused_with_the_reason(array $points, string $why): void
    {
        try {
            PointCurve::through($points, 'fans.0.curve');
            self::fail();
        } catch (BadRecord $refusal) {
            self::assertSame('fans.0.curve', $refusal->field);
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    public function test_fans_side_by_side_add_their_flows_and_a_weak_one_falls_out(): void
    {
        $strong = new TwoFigureCurve(0.5, 100.0, 1.2);
        $weak = new TwoFigureCurve(0.3, 30.0, 1.2);
        $both = new ParallelCurve([$strong, $weak]);

        self::assertEqualsWithDelta($strong->flow(20.0) + $weak->flow(20.0), $both->flow(20.0), 1e-15);
        self::assertSame($strong->flow(60.0), $both->flow(60.0));
        self::assertSame([0.8, 100.0], [$both->freeFlow(), $both->shutOff()]);
        self::assertSame([0, 1], [$both->idle(20.0), $both->idle(60.0)]);
        self::assertEqualsWithDelta(0.5 * $both->flow(20.0), $both->scaled(0.5, 1.0)->flow(20.0), 1e-15);
    }

    public function test_a_curve_is_read_by_its_points_or_its_figures_with_the_type_for_an_exponent(): void
    {
        $points = FanCurves::read(new Record(['curve' => [['flow_cfm' => 0, 'pressure_inwc' => 0.2], ['flow_cfm' => 1000, 'pressure_inwc' => 0]]]));
        $given = FanCurves::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2, 'exponent' => 1.0]));
        $propeller = FanCurves::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2]));
        $blower = FanCurves::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2, 'type' => 'centrifugal']));

        self::assertEqualsWithDelta($given->flow(25.0), $points->flow(25.0), 1e-12);
        self::assertEqualsWithDelta($propeller->freeFlow() * (1.0 - 25.0 / 49.8178) ** (1.0 / 1.2), $propeller->flow(25.0), 1e-9);
        self::assertEqualsWithDelta($blower->freeFlow() * sqrt(1.0 - 25.0 / 49.8178), $blower->flow(25.0), 1e-9);
    }

    public function test_layers_in_series_add_their_drops_at_one_flow(): void
    {
        $coarse = new PressureLaw(6.0, 2.0);
        $fine = new PressureLaw(36.0, 8.0);
        $both = PressureLaw::ofFlowThrough([[$coarse, 0.25], [$fine, 0.2]]);

        foreach ([0.01, 0.1, 0.4] as $flow) {
            self::assertEqualsWithDelta($coarse->drop($flow / 0.25) + $fine->drop($flow / 0.2), $both->drop($flow), 1e-12);
            self::assertEqualsWithDelta($flow, $both->velocity($both->drop($flow)), 1e-12);
        }
    }

    public function test_several_rated_drops_are_fitted(): void
    {
        $law = PressureLaw::fromPoints([[0.5, 36.0 * 0.5 + 8.0 * 0.25], [1.0, 44.0], [2.0, 36.0 * 2.0 + 8.0 * 4.0]]);

        self::assertEqualsWithDelta([36.0, 8.0], [$law->viscous, $law->inertial], 1e-9);
    }
}
