<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\FitParameter;
use Jornel\Core\Proof\Fit\MeasuredPart;
use Jornel\Core\Proof\Level\FanRanking;
use Jornel\Core\Proof\Level\SpeedLevels;
use Jornel\Core\Proof\Reach;
use Jornel\Core\Proof\StandIn\MeterNoise;
use Jornel\Core\Proof\StandIn\SimulatedMeters;
use Jornel\Core\Proof\StandIn\SimulatedOutlet;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\TissuePoints;
use Jornel\Core\Proof\Tissue\TissueSurvey;
use Jornel\Core\Proof\VapourCourse;
use Jornel\Core\Proof\Verdict\Grade;
use Jornel\Core\Proof\Verdict\NextStep;
use Jornel\Core\Proof\Verdict\OutputLeft;
use Jornel\Core\Proof\Verdict\ProofStage;
use Jornel\Core\Proof\Verdict\UnitProof;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a unit is known to give against the goal, at each stage of its life, and what to do next. */
final class UnitProofTest extends TestCase
{
    /** A classroom of 189 m3 that five air changes ask 0.2625 m3/s for. */
    private static function ledger(Corners $corners = Corners::Shroud, ?float $limit = null): UnitLedger
    {
        $room = Sample::room(9.0, 7.0, 3.0, noiseLimit: $limit);
        $ledger = Sample::ledger($room, 'air-changes-5', Sample::design(corners: $corners));

        return $ledger->unit ?? self::fail('There is a unit.');
    }

    /** @param  list<Evidence>  $evidence */
    private static function proof(UnitLedger $ledger, array $evidence, ?TissueSurvey $survey = null): UnitProof
    {
        return UnitProof::of($ledger, $evidence, $survey, Sample::setting(), Sample::data()->tissue(), Sample::data()->evidenceTolerances());
    }

    private static function decay(float $clean, float $share = 0.05): Evidence
    {
        return Evidence::measured(EvidenceKind::Decay, 2, new Interval($clean, $clean * (1.0 - $share), $clean * (1.0 + $share)));
    }

    public function test_nothing_is_proved_by_a_forecast(): void
    {
        $proof = self::proof(self::ledger(), []);

        self::assertSame([Grade::NotProved, false, null], [$proof->grade(), $proof->isProved(), $proof->culprit()]);
        self::assertSame(['design'], array_map(fn (ProofStage $stage): string => $stage->key, $proof->stages()));
        self::assertStringContainsString('Not proved yet', $proof->says()->text(System::Metric));
    }

    /** The room asks 5 x 189 / 3600 = 0.2625 m3/s. */
    #[TestWith([0.36, Grade::Pass])]
    #[TestWith([0.265, Grade::Marginal])]
    #[TestWith([0.19, Grade::Fail])]
    public function test_the_grade_follows_from_the_chance_that_is_proved(float $clean, Grade $grade): void
    {
        $proof = self::proof(self::ledger(), [self::decay($clean)]);
        $stages = $proof->stages();

        self::assertSame($grade, $proof->grade());
        self::assertSame('proved', $stages[1]->key);
        // The proof is nearer to what was measured than the forecast, and far surer.
        self::assertLessThan(abs(log($stages[0]->cleanAir->value / $clean)) + 1e-9, abs(log($stages[1]->cleanAir->value / $clean)));
        self::assertLessThan(0.35 * $stages[0]->cleanAir->lnDeviation(), $stages[1]->cleanAir->lnDeviation());
        self::assertStringNotContainsString('{', $proof->says()->text(System::Imperial));
    }

    public function test_what_gives_most_comes_first_and_what_tells_more_after_it(): void
    {
        $ledger = self::ledger(Corners::Open);
        $points = TissuePoints::of($ledger->design, Sample::data()->tissue());
        $survey = TissueSurvey::of($ledger->design, $points, ['opening-1-1' => Finding::DrawnIn, 'opening-1-2' => Finding::DrawnIn, 'seam-1-1' => Finding::Still], Sample::data()->tissue());
        $proof = self::proof($ledger, [self::decay(0.18)], $survey);
        $next = $proof->next();
        $gains = array_map(fn (NextStep $step): float => $step->gain ?? -1.0, $next);
        $sorted = $gains;
        rsort($sorted);

        self::assertSame($sorted, $gains);
        self::assertContains('shroud', array_map(fn (NextStep $step): string => $step->key, $next));
        self::assertContains('one-more', array_map(fn (NextStep $step): string => $step->key, $next));
        self::assertSame('traverse', $next[count($next) - 1]->key);
        foreach ($next as $step) {
            self::assertStringNotContainsString('{', $step->text->text(System::Metric));
        }
    }

    public function test_who_has_passed_is_not_told_to_buy_more(): void
    {
        $keys = array_map(fn (NextStep $step): string => $step->key, self::proof(self::ledger(), [self::decay(0.40)])->next());

        self::assertNotContains('one-more', $keys);
        self::assertNotContains('faster', $keys);
    }

    public function test_a_fan_that_turns_slower_is_the_likely_culprit(): void
    {
        $ledger = self::ledger();
        $free = $ledger->unit->curve($ledger->unit->speeds[2])->flow(0.0);
        $slow = Evidence::measured(EvidenceKind::FreeTraverse, 2, new Interval(0.75 * $free, 0.72 * $free, 0.78 * $free));
        $culprit = self::proof($ledger, [$slow])->culprit();

        self::assertSame('fan_scale', $culprit?->parameter->value);
        self::assertStringContainsString('slower', $culprit->text->text(System::Metric));
    }

    public function test_a_fan_that_was_told_well_is_kept_as_measured_and_goes_by_its_laws(): void
    {
        $ledger = self::ledger();
        $free = $ledger->unit->curve($ledger->unit->speeds[2])->flow(0.0);
        $proof = self::proof($ledger, [Evidence::measured(EvidenceKind::FreeTraverse, 2, new Interval(0.8 * $free, 0.79 * $free, 0.81 * $free))]);
        $parts = MeasuredPart::of($proof->proved, $ledger->design);

        self::assertSame(['fan'], array_map(fn (MeasuredPart $part): string => $part->kind->value, $parts));
        $factor = $proof->proved->factor(FitParameter::FanScale)->value;
        $fan = Fan::fromData(Overlay::of($ledger->design->fan->data, $parts[0]->figures));
        self::assertSame('measured', $fan->rating->flowFrom->value);
        self::assertEqualsWithDelta($factor, $fan->rating->curve->flow(0.0) / $ledger->design->fan->rating->curve->flow(0.0), 1e-6);
        self::assertEqualsWithDelta($factor ** 2, $fan->rating->curve->shutOff() / $ledger->design->fan->rating->curve->shutOff(), 1e-6);
    }

    /** Worked by hand: 0.30 of 0.36 is 0.8333; half widths of 6 % and 8 % make 10 %. */
    public function test_what_is_left_after_months_of_use(): void
    {
        $left = OutputLeft::of(Interval::around(0.36, 0.0216), Interval::around(0.30, 0.024));

        self::assertEqualsWithDelta(0.83333, $left->value, 1e-5);
        self::assertEqualsWithDelta(0.083333, $left->half(), 1e-5);
        self::assertEqualsWithDelta(1.2, OutputLeft::timeRatio(Interval::around(6.0, 0.1), Interval::around(5.0, 0.1))->value, 1e-9);
    }

    public function test_reach_is_where_dust_is_first_not_drawn_in(): void
    {
        $reach = Reach::of([[0.6, Finding::Still], [0.1, Finding::DrawnIn], [0.3, Finding::DrawnIn], [0.9, Finding::DrawnIn]]);
        $all = Reach::of([[0.2, Finding::DrawnIn]]);

        self::assertSame([0.3, 0.6, 0.2, null], [$reach->captured, $reach->lost, $all->captured, $all->lost]);
        self::assertSame(0.0, Reach::of([[0.2, Finding::BlownOut]])->captured);
    }

    /** Worked by hand: from 0.2 to 1.2 and back to 0.4: four fifths of the rise are gone. */
    public function test_a_vapour_is_told_before_at_its_peak_and_after(): void
    {
        $values = [...array_fill(0, 20, 0.2), ...array_fill(0, 6, 1.2), ...array_fill(0, 34, 0.4)];
        $course = VapourCourse::of(new ParticleSeries(array_map(fn (int $i): float => 60.0 * $i, range(0, 59)), $values));

        self::assertEqualsWithDelta([0.2, 1.2, 0.4], [$course->before, $course->peak, $course->after], 1e-9);
        self::assertEqualsWithDelta(0.8, $course->gone(), 1e-9);
        self::assertNull(VapourCourse::of(new ParticleSeries([0.0, 1.0, 2.0], [1.0, 1.0, 1.0]))->gone());
    }

    public function test_a_level_moves_all_speeds_and_names_the_loudest_that_keeps_the_limit(): void
    {
        $ledger = self::ledger(limit: 60.0);
        $told = array_map(fn ($line): float => $line->performance->level, $ledger->speeds);
        $levels = SpeedLevels::of($ledger, $told[2] - 4.0, 2);

        self::assertEqualsWithDelta(array_map(fn (float $level): float => $level - 4.0, $told), $levels->levels, 1e-9);
        self::assertSame(max([-1, ...array_keys(array_filter($levels->levels, fn (float $level): bool => $level <= 60.0))]), $levels->loudest ?? -1);
    }

    /** Fan laws: at twice the flow a fan is 50 log10 2 = 15 dB louder (AMCA / ASHRAE Handbook). */
    public function test_fans_are_ranked_at_the_same_flow(): void
    {
        $fans = Sample::catalogue()->fans;
        $box = $fans['box-20-plain'];
        $top = $box->speeds[2];
        $one = FanRanking::of([$box], 2.0 * $top->bareFlow, $top->level)[0];
        self::assertEqualsWithDelta($top->level + 15.05, $one->level, 0.01);
        self::assertEqualsWithDelta($top->bareFlow, $one->flow, 1e-9);
        self::assertFalse($one->reaches);

        $levels = array_map(fn (FanRanking $rank): float => $rank->level, FanRanking::of($fans, $top->bareFlow, $top->level));
        $sorted = $levels;
        sort($sorted);
        self::assertSame($sorted, $levels);
        self::assertCount(count($fans), $levels);
    }

    public function test_simulated_meters_tell_the_same_at_the_same_moment_and_nothing_now_and_then(): void
    {
        $meters = new SimulatedMeters(4);
        $at = 5400.0 * 1000.0;
        self::assertSame($meters->particles($at + 900.0, 0.2, 100.0), (new SimulatedMeters(4))->particles($at + 900.0, 0.2, 100.0));
        $silent = count(array_filter(range(0, 4000), fn (int $second): bool => $meters->particles($at + $second, 0.2, 100.0) === null));
        self::assertGreaterThan(15, $silent);
        self::assertLessThan(80, $silent);
        $mean = fn (float $clean): float => array_sum(array_map(fn (int $second): float => $meters->particles($at + 600.0 + $second, $clean, 100.0) ?? 0.0, range(0, 2000)));
        self::assertLessThan(0.6 * $mean(0.0), $mean(0.3));
    }

    public function test_the_readings_of_a_simulated_outlet_average_to_its_flow(): void
    {
        $shares = [0.074, 0.288, 0.500, 0.712, 0.926];
        $readings = array_merge(...(new SimulatedOutlet(new MeterNoise(2)))->readings($shares, $shares, 1.7));

        self::assertEqualsWithDelta(1.7, array_sum($readings) / 25.0, 0.06);
        // The hub blows next to nothing.
        self::assertLessThan(1.7 / 3.0, $readings[12]);
    }
}
