<?php

namespace Tests\Reference;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Proof\Decay\CleanAirByDecay;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\Exponential;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Proof\Fit\UnitModel;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\TissuePoints;
use Jornel\Core\Proof\Tissue\TissueSurvey;
use Jornel\Core\Proof\Traverse\Aperture;
use Jornel\Core\Proof\Traverse\Grid;
use Jornel\Core\Proof\Traverse\Traverse;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Tests\Proof\Simulated;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Evidence against scipy, and whether its intervals hold what they say: the truth, in a thousand simulated tests of each kind. */
class ProofTest extends TestCase
{
    private const TESTS = 1000;

    private const HOUR = 3600.0;

    public function test_decays_are_fitted_as_scipy_fits_them(): void
    {
        $simulated = new Simulated(15);
        [$asked, $mine, $halves] = [[], [], []];
        for ($case = 0; $case < 60; $case++) {
            [$rate, $background, $excess] = [$simulated->between(0.8, 9.0), $simulated->between(0.0, 20.0), $simulated->between(50.0, 600.0)];
            $count = (int) $simulated->between(15.0, 200.0);
            $span = $simulated->between(1.3, 5.0) / $rate * self::HOUR;
            [$times, $values] = [[], []];
            for ($i = 0; $i < $count; $i++) {
                $times[] = $time = $span * $i / ($count - 1);
                $true = $background + $excess * exp(-$rate * $time / self::HOUR);
                $values[] = $true + sqrt(1.0 + (0.05 * $true) ** 2) * $simulated->normal();
            }
            foreach (Weights::cases() as $weights) {
                $fit = Exponential::fitted(new ParticleSeries($times, $values), $weights);
                self::assertNotNull($fit);
                $asked[] = ['time_h' => array_map(fn (float $time): float => $time / self::HOUR, $times), 'values' => $values, 'weights' => $weights->value, 'begin' => [$background, $excess, $rate]];
                $mine[] = [$fit->background, $fit->excess, $fit->rate * self::HOUR];
                $halves[] = [$fit->backgroundInterval()->half(), $fit->startInterval()->half(), $fit->rateInterval()->half() * self::HOUR];
            }
        }
        $theirs = Scipy::answer('decays', $asked);

        // Against the size of the decay where a background may be next to nothing.
        self::assertLessThan(1e-6, Scipy::worst('parameters of decays', $mine, array_column($theirs, 'parameters'), 1.0));
        self::assertLessThan(1e-3, Scipy::worst('half widths of their intervals', $halves, array_column($theirs, 'half'), 1e-6));
    }

    public function test_decay_tests_hold_the_true_clean_air(): void
    {
        $simulated = new Simulated(16);
        $this->covers('decay', function () use ($simulated): ?bool {
            [$on, $off, $volume] = [$simulated->between(3.0, 9.0), $simulated->between(0.6, 1.4), 190.0];
            $runs = array_map(fn (float $rate): mixed => DecayRun::of($simulated->decay($rate, 8.0 + 60.0 * 2.6 / $rate, step: 20.0), Weights::Meter), [$on, $off]);

            return $runs[0] instanceof DecayRun && $runs[1] instanceof DecayRun
                ? CleanAirByDecay::of($volume, [$runs[0]->rate()], [$runs[1]->rate()])->covers($volume * ($on - $off) / self::HOUR) : null;
        });
    }

    /** Readings scatter about the mean of the outlet, and the meter is off as a whole by what it says. */
    public function test_traverses_hold_the_true_flow(): void
    {
        $simulated = new Simulated(17);
        $this->covers('traverse', function () use ($simulated): bool {
            $mean = $simulated->between(1.0, 3.0);
            $meter = 1.0 + 0.05 / Interval::REACH * $simulated->normal();
            $rows = array_map(fn (): array => array_map(fn (): float => $meter * $mean * (1.0 + 0.2 * $simulated->normal()), range(1, 5)), range(1, 5));

            return Traverse::of(Aperture::rectangle(0.5, 0.5), Grid::LogTchebycheff, $rows, 0.05)->flowInterval()->covers($mean * 0.25);
        });
    }

    /** Gaps as hands leave them: all of one pair of hands a little wider or narrower, now and then one missed. */
    public function test_tissue_tests_hold_the_true_leak(): void
    {
        $simulated = new Simulated(18);
        $design = Sample::design();
        $model = Sample::data()->tissue();
        $points = TissuePoints::of($design, $model);
        $this->covers('tissue', function () use ($simulated, $design, $model, $points): bool {
            [$area, $findings, $hands] = [0.0, [], exp($model->commonDeviation * $simulated->normal())];
            foreach ($points as $point) {
                if ($point->kind->isFilter()) {
                    continue;
                }
                $isMissed = $simulated->uniform() < $model->missedShare;
                $size = $isMissed ? $point->missed * exp($model->missedDeviation * $simulated->normal()) : $point->usual * $hands * exp($model->ownDeviation * $simulated->normal());
                $threshold = $point->length > 0.0 ? $model->drawnGap : sqrt($point->usual * $point->missed);
                $findings[$point->id] = log($size / $threshold) + $model->drawnDeviation * $simulated->normal() > 0.0 ? Finding::DrawnIn : Finding::Still;
                $area += $point->area($size);
            }

            return TissueSurvey::of($design, $points, $findings, $model)->leakArea()->covers($area);
        });
    }

    public function test_fits_of_all_evidence_hold_the_true_clean_air(): void
    {
        $simulated = new Simulated(19);
        $design = Sample::design();
        $unit = Unit::of($design, $design->assemble(), Air::reference());
        $pollutant = Sample::data()->pollutants()->get('wildfire-pm25');
        [$tolerances, $of] = [Sample::data()->tolerances(), Sample::data()->evidenceTolerances()];
        $prior = UnitFit::of($unit, [], $pollutant, $tolerances, $of)->prior;
        $kinds = [[EvidenceKind::Traverse, 0.05], [EvidenceKind::FreeTraverse, 0.05], [EvidenceKind::Decay, 0.06], [EvidenceKind::Power, 0.03]];
        $slowest = 0.0;
        foreach ([[0], [2], [0, 1, 2, 3]] as $which) {
            $names = implode(', ', array_map(fn (int $at): string => $kinds[$at][0]->value, $which));
            $this->covers("fit of {$names}, tissue and level", function () use ($simulated, $unit, $pollutant, $tolerances, $of, $prior, $kinds, $which, &$slowest): bool {
                $true = array_map(fn (float $deviation): float => $deviation * $simulated->normal(), $prior);
                $model = new UnitModel($unit, $unit->box->leakArea, $pollutant, $of);
                $evidence = [Evidence::tissue(new Lognormal($model->leak * exp(($true[2] ?? 0.0) + 0.3 * $simulated->normal()), 0.3))];
                foreach ($which as $at) {
                    [$kind, $deviation] = $kinds[$at];
                    $about = fn (float $value): Evidence => Evidence::measured($kind, 2, new Interval($value, $value * exp(-Interval::REACH * $deviation), $value * exp(Interval::REACH * $deviation)));
                    $evidence[] = $about(exp($model->expected($about(1.0), $true) + $model->deviation($about(1.0)) * $simulated->normal()));
                }
                $level = Evidence::level(2, 0.0, 3.0);
                $evidence[] = Evidence::level(2, $model->expected($level, $true) + $model->deviation($level) * $simulated->normal(), 3.0);
                $began = hrtime(true);
                $fit = UnitFit::of($unit, $evidence, $pollutant, $tolerances, $of)->cleanAir(2);
                $slowest = max($slowest, (hrtime(true) - $began) / 1e6);

                return $fit->covers($model->cleanAir($true, 2));
            }, count($which) === 4 ? self::TESTS : 300);
        }
        fwrite(STDERR, sprintf("slowest joint fit: %.0f ms\n", $slowest));
    }

    /** @param  callable(): ?bool  $test  whether the interval held it; null for one that was refused */
    private function covers(string $what, callable $test, int $tests = self::TESTS): void
    {
        [$held, $refused] = [0, 0];
        for ($i = 0; $i < $tests; $i++) {
            $is = $test();
            $held += $is === true ? 1 : 0;
            $refused += $is === null ? 1 : 0;
        }
        $share = $held / max(1, $tests - $refused);
        fwrite(STDERR, sprintf("\n%s: %d simulated tests, %d refused, the truth within the 95 %% interval %.1f %% of the time\n", $what, $tests, $refused, 100.0 * $share));

        // Of three hundred a share of 95 % scatters by 1.3 %, of a thousand by 0.7 %.
        $reach = $tests < self::TESTS ? 0.035 : 0.02;
        self::assertGreaterThanOrEqual(0.95 - $reach, $share);
        self::assertLessThanOrEqual(0.95 + $reach, $share);
        self::assertLessThan($tests / 10, $refused);
    }
}
