<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\FallingBranch;
use Jornel\Core\Part\FanRating;
use Jornel\Core\Part\HinderedCurve;
use Jornel\Core\Part\ParallelCurve;
use Jornel\Core\Part\PointCurve;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Part\Record;
use Jornel\Core\Part\SeriesCurve;
use Jornel\Core\Part\TwoFigureCurve;
use Jornel\Core\Quantity\Provenance;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CurvesTest extends TestCase
{
    public function test_a_curve_of_points_passes_through_them_in_whichever_order_they_come(): void
    {
        $points = [[0.0, 50.0], [0.2, 38.0], [0.4, 17.0], [0.5, 0.0]];
        foreach ([$points, array_reverse($points), [$points[2], $points[0], $points[3], $points[1]]] as $given) {
            $curve = PointCurve::through(FallingBranch::of($given, 'curve'));
            foreach ($points as [$flow, $pressure]) {
                self::assertEqualsWithDelta($flow, $curve->flow($pressure), 1e-12);
            }
            self::assertSame([0.5, 50.0], [$curve->freeFlow(), $curve->shutOff()]);
        }
    }

    public function test_beyond_shut_off_nothing_moves(): void
    {
        $curve = PointCurve::through(FallingBranch::of([[0.0, 50.0], [0.5, 0.0]], 'curve'));

        self::assertSame([0.0, 0.0, 0.5], [$curve->flow(50.0), $curve->flow(900.0), $curve->flow(-3.0)]);
    }

    public function test_a_scaled_curve_keeps_its_form(): void
    {
        // By the fan laws at 0.8 of the speed: flow 0.8, pressure 0.64.
        $curve = PointCurve::through(FallingBranch::of([[0.0, 50.0], [0.2, 38.0], [0.5, 0.0]], 'curve'));
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
        $curve = PointCurve::through(FallingBranch::of($points, 'curve'));

        foreach ([5.0, 12.0, 25.0, 40.0] as $pressure) {
            self::assertEqualsWithDelta($exact->flow($pressure), $curve->flow($pressure), 2e-4);
        }
    }

    #[TestWith([[[0.0, 50.0]], 'two points'])]
    #[TestWith([[[0.0, 50.0], [0.2, 55.0]], 'falling pressure'])]
    #[TestWith([[[0.0, 50.0], [0.2, 30.0], [0.2, 20.0], [0.5, 0.0]], 'same flow'])]
    public function test_what_is_no_fan_curve_is_refused_with_the_reason(array $points, string $why): void
    {
        try {
            FallingBranch::of($points, 'fans.0.curve');
            self::fail();
        } catch (BadRecord $refusal) {
            self::assertSame('fans.0.curve', $refusal->field);
            self::assertStringContainsString($why, $refusal->getMessage());
        }
    }

    public function test_a_missing_end_is_drawn_on_from_the_nearest_points_and_said(): void
    {
        // 50 Pa at 0.1 and 40 at 0.2 m3/s: 60 Pa at none; 40 at 0.2 and 10 at 0.4: none at 0.4667.
        $branch = FallingBranch::of([[0.1, 50.0], [0.2, 40.0], [0.4, 10.0]], 'curve');

        self::assertEqualsWithDelta([0.0, 60.0], $branch->points[0], 1e-12);
        self::assertEqualsWithDelta([0.4 + 0.2 / 3.0, 0.0], $branch->points[4], 1e-12);
        self::assertCount(2, $branch->notes);
        self::assertStringContainsString('assumed', $branch->notes[0]);
    }

    public function test_a_stall_hump_is_cut_to_its_falling_branch_and_said(): void
    {
        $branch = FallingBranch::of([[0.0, 48.0], [0.1, 40.0], [0.2, 45.0], [0.3, 30.0], [0.5, 0.0]], 'curve');

        self::assertEqualsWithDelta([[0.0, 75.0], [0.2, 45.0], [0.3, 30.0], [0.5, 0.0]], $branch->points, 1e-12);
        self::assertStringContainsString('stalls below 0.2', $branch->notes[0]);
    }

    public function test_an_advertised_flow_is_taken_by_its_factor_with_low_confidence(): void
    {
        // Common practice, no source: a fan sold as 4,000 cfm measured 1,340, about a third.
        $rating = FanRating::read(new Record(['advertised_flow_cfm' => 4000, 'real_to_advertised' => 0.335, 'shut_off_inwc' => 0.2]));

        self::assertEqualsWithDelta(1340.0, $rating->curve->freeFlow() / 4.719474e-4, 1e-6);
        self::assertTrue($rating->isLowConfidence);
        self::assertSame(Provenance::Assumed, $rating->flowFrom);
        self::assertStringContainsString('low confidence', $rating->notes[0]);
        self::assertStringContainsString('may be higher', FanRating::read(new Record(['free_flow_cfm' => 450, 'shut_off_pa' => 50, 'at_ceiling' => true, 'from' => 'rated']))->notes[0]);
    }

    public function test_pressure_is_the_inverse_of_flow_for_every_kind_of_curve(): void
    {
        $two = new TwoFigureCurve(0.5, 100.0, 1.2);
        $points = PointCurve::through(FallingBranch::of([[0.0, 60.0], [0.2, 45.0], [0.4, 0.0]], 'curve'))->scaled(0.9, 1.1);
        foreach ([$two, $points, new ParallelCurve([$two, $points]), new SeriesCurve([$two, $points]), new HinderedCurve($two, 5.0, new PressureLaw(10.0, 90.0))] as $curve) {
            foreach ([0.1, 0.4, 0.8] as $share) {
                $pressure = $share * $curve->shutOff();
                self::assertEqualsWithDelta($pressure, $curve->pressure($curve->flow($pressure)), 1e-9, $curve::class);
            }
            self::assertSame(0.0, $curve->flow($curve->shutOff() + 1.0));
        }
    }

    public function test_fans_one_behind_the_other_add_their_pressures(): void
    {
        $fan = new TwoFigureCurve(0.5, 100.0, 1.2);
        $both = new SeriesCurve([$fan, $fan]);

        self::assertSame([0.5, 200.0], [$both->freeFlow(), $both->shutOff()]);
        self::assertEqualsWithDelta($fan->flow(40.0), $both->flow(80.0), 1e-12);
    }

    public function test_a_guard_takes_its_pressure_and_a_duct_the_more_the_more_flows(): void
    {
        $fan = new TwoFigureCurve(0.5, 100.0, 1.2);
        $guarded = new HinderedCurve($fan, 5.0);
        $ducted = new HinderedCurve($fan, 0.0, new PressureLaw(0.0, 100.0));

        self::assertSame($fan->flow(25.0), $guarded->flow(20.0));
        self::assertSame(95.0, $guarded->shutOff());
        // By the fan laws the guard's loss goes with the square of the speed.
        self::assertEqualsWithDelta(0.5 * $guarded->flow(20.0), $guarded->scaled(0.5, 0.25)->flow(5.0), 1e-12);
        $flow = $ducted->flow(20.0);
        self::assertEqualsWithDelta($flow, $fan->flow(20.0 + 100.0 * $flow ** 2), 1e-12);
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
        $points = FanRating::read(new Record(['curve' => [['flow_cfm' => 0, 'pressure_inwc' => 0.2], ['flow_cfm' => 1000, 'pressure_inwc' => 0]]]))->curve;
        $given = FanRating::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2, 'exponent' => 1.0]))->curve;
        $propeller = FanRating::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2]))->curve;
        $blower = FanRating::read(new Record(['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2, 'type' => 'centrifugal']))->curve;

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
