<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\FitParameter;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Proof\Fit\UnitModel;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class FitTest extends TestCase
{
    private const FASTEST = 2;

    private static function unit(): Unit
    {
        $design = Sample::design();

        return Unit::of($design, $design->assemble(), Air::reference());
    }

    /** @param  list<Evidence>  $evidence */
    private static function fit(array $evidence): UnitFit
    {
        return UnitFit::of(self::unit(), $evidence, Sample::data()->pollutants()->get('wildfire-pm25'), Sample::data()->tolerances(), Sample::data()->evidenceTolerances());
    }

    private static function model(): UnitModel
    {
        $unit = self::unit();

        return new UnitModel($unit, $unit->box->leakArea, Sample::data()->pollutants()->get('wildfire-pm25'), Sample::data()->evidenceTolerances());
    }

    private static function within(EvidenceKind $kind, float $value, float $share): Evidence
    {
        return Evidence::measured($kind, self::FASTEST, new Interval($value, $value * exp(-$share), $value * exp($share)));
    }

    public function test_without_evidence_it_is_the_catalogue(): void
    {
        $fit = self::fit([]);

        foreach (FitParameter::cases() as $parameter) {
            self::assertSame(1.0, $fit->factor($parameter)->value);
            self::assertEqualsWithDelta(0.0, $fit->narrowed($parameter), 1e-9);
        }
        self::assertEqualsWithDelta(self::model()->cleanAir([0.0, 0.0, 0.0, 0.0], self::FASTEST), $fit->cleanAir(self::FASTEST)->value, 1e-9);
    }

    public function test_sure_evidence_brings_the_figures_to_what_it_says(): void
    {
        $true = [-0.12, 0.15, 0.4, 0.05];
        $model = self::model();
        $of = fn (EvidenceKind $kind): Evidence => self::within($kind, exp($model->expected(self::within($kind, 1.0, 0.002), $true)), 0.002);
        $fit = self::fit([$of(EvidenceKind::Traverse), $of(EvidenceKind::Decay), Evidence::tissue(new \Jornel\Core\Numeric\Lognormal($model->leak * exp(0.4), 0.01))]);

        self::assertEqualsWithDelta(log($model->cleanAir($true, self::FASTEST)), log($fit->cleanAir(self::FASTEST)->value), 0.003);
        self::assertEqualsWithDelta($model->leak * exp(0.4), $fit->leakArea()->value, 1e-4);
        self::assertLessThan(0.02, $fit->cleanAir(self::FASTEST)->lnDeviation());
        self::assertSame([], $fit->outliers());
    }

    public function test_a_flow_alone_cannot_tell_the_fan_from_the_filter(): void
    {
        $fit = self::fit([self::within(EvidenceKind::Traverse, 0.30, 0.02)]);

        self::assertGreaterThan(0.5, $fit->correlation(FitParameter::FanScale, FitParameter::FilterDrop));
        self::assertEqualsWithDelta(1.0, $fit->correlation(FitParameter::Leak, FitParameter::Leak), 1e-12);
    }

    public function test_readings_without_filters_tell_the_fan(): void
    {
        $with = self::fit([self::within(EvidenceKind::Traverse, 0.30, 0.04)]);
        $both = self::fit([self::within(EvidenceKind::Traverse, 0.30, 0.04), self::within(EvidenceKind::FreeTraverse, self::unit()->speeds[self::FASTEST]->bareFlow * 0.9, 0.04)]);

        self::assertGreaterThan($with->narrowed(FitParameter::FanScale), $both->narrowed(FitParameter::FanScale));
    }

    public function test_evidence_that_does_not_go_with_the_rest_is_named(): void
    {
        $model = self::model();
        $clean = $model->cleanAir([0.0, 0.0, 0.0, 0.0], self::FASTEST);
        $flow = exp($model->expected(self::within(EvidenceKind::Traverse, 1.0, 0.1), [0.0, 0.0, 0.0, 0.0]));
        $fit = self::fit([self::within(EvidenceKind::Decay, $clean, 0.05), self::within(EvidenceKind::Traverse, 3.0 * $flow, 0.08)]);

        self::assertContains(EvidenceKind::Traverse, array_map(fn ($one): EvidenceKind => $one->evidence->kind, $fit->outliers()));
    }

    /** The simulated truth lies within the interval nineteen times in twenty; a thousand are counted in tests/Reference. */
    public function test_the_interval_covers_what_is_true(): void
    {
        $simulated = new Simulated(31);
        $covered = 0;
        $prior = self::fit([])->prior;
        for ($case = 0; $case < 120; $case++) {
            $true = array_map(fn (float $deviation): float => $deviation * $simulated->normal(), $prior);
            $model = self::model();
            $measured = function (EvidenceKind $kind, float $deviation) use ($model, $true, $simulated): Evidence {
                $share = Interval::REACH * $deviation;

                return self::within($kind, exp($model->expected(self::within($kind, 1.0, $share), $true) + $model->deviation(self::within($kind, 1.0, $share)) * $simulated->normal()), $share);
            };
            $fit = self::fit([$measured(EvidenceKind::Traverse, 0.05), $measured(EvidenceKind::Decay, 0.06), $measured(EvidenceKind::Power, 0.03)]);
            $covered += $fit->cleanAir(self::FASTEST)->covers($model->cleanAir($true, self::FASTEST)) ? 1 : 0;
        }

        // 95 % of 120, give or take three deviations of such a count.
        self::assertGreaterThanOrEqual(107, $covered);
    }
}
