<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Numeric\SymmetricMatrix;
use Jornel\Core\Quantity\Interval;

/**
 * All evidence of a unit fitted together: factors on the figures of its parts, with the catalogue as what was known before.
 *
 * Weighted least squares on logarithms: sum of ((measured - expected) / deviation)^2 plus that of (ln factor / prior deviation)^2,
 * by Gauss and Newton. Covariance (J^T W J + P)^-1, as the weights are known. Source: Tarantola, "Inverse Problem Theory and
 * Methods for Model Parameter Estimation" (2005), chapter 3.
 */
final readonly class UnitFit
{
    private const MOST_STEPS = 30;

    private const STAYS = 1e-9;

    /** Step of the differences that slopes are found by. */
    private const STEP = 1e-4;

    /** Most that a factor is moved in one step, as a logarithm. */
    private const STRIDE = 0.5;

    /**
     * @param  non-empty-list<float>  $ln  logarithms of the factors, in the order of {@see FitParameter}
     * @param  non-empty-list<non-empty-list<float>>  $covariance  of them
     * @param  non-empty-list<float>  $prior  deviations before the evidence
     * @param  list<EvidenceResidual>  $residuals
     */
    private function __construct(public array $ln, public array $covariance, public array $prior, public array $residuals, private UnitModel $model)
    {
    }

    /**
     * @param  Unit  $unit  with all its speeds
     * @param  list<Evidence>  $evidence
     */
    public static function of(Unit $unit, array $evidence, Pollutant $pollutant, Tolerances $tolerances, EvidenceTolerances $of): self
    {
        $model = new UnitModel($unit, max(1e-8, $unit->box->leakArea), $pollutant, $of);
        $prior = self::prior($unit, $tolerances);
        [$ln, $covariance, $slopes] = self::solved($model, $evidence, $prior);

        return new self($ln, $covariance, $prior, self::residuals($model, $evidence, $prior, $ln, $slopes, $of->outlier), $model);
    }

    public function factor(FitParameter $parameter): Interval
    {
        $at = self::place($parameter);

        return Interval::ofLognormal(new Lognormal(exp($this->ln[$at]), sqrt($this->covariance[$at][$at])));
    }

    /** Open area of all leaks, m2. */
    public function leakArea(): Interval
    {
        return $this->factor(FitParameter::Leak)->scaled($this->model->leak);
    }

    /** Correlation of two factors, -1 to 1. */
    public function correlation(FitParameter $one, FitParameter $other): float
    {
        [$i, $j] = [self::place($one), self::place($other)];

        return $this->covariance[$i][$j] / sqrt($this->covariance[$i][$i] * $this->covariance[$j][$j]);
    }

    /** How much of what was not known of a figure the evidence has taken away, 0 to 1. */
    public function narrowed(FitParameter $parameter): float
    {
        $at = self::place($parameter);

        return 1.0 - sqrt($this->covariance[$at][$at]) / $this->prior[$at];
    }

    /** Clean air at a speed, m3/s. */
    public function cleanAir(int $speed): Interval
    {
        return Interval::ofLognormal($this->cleanAirDistribution($speed));
    }

    public function cleanAirDistribution(int $speed): Lognormal
    {
        $slopes = self::slopes(fn (array $ln): float => log(max(1e-12, $this->model->cleanAir($ln, $speed))), $this->ln);

        return new Lognormal($this->model->cleanAir($this->ln, $speed), sqrt(max(0.0, self::quadratic($slopes, $this->covariance))));
    }

    /** What the fit expects of a piece of evidence, in its unit. */
    public function expected(Evidence $evidence): float
    {
        $expected = $this->model->expected($evidence, $this->ln);

        return $evidence->kind === EvidenceKind::Level ? $expected : exp($expected);
    }

    /** What it gives the air of a room at a speed, by the fit. */
    public function output(int $speed): Output
    {
        return $this->model->output($this->ln, $speed);
    }

    /** @return list<EvidenceResidual> those that do not go with the rest */
    public function outliers(): array
    {
        return array_values(array_filter($this->residuals, fn (EvidenceResidual $one): bool => $one->isOutlier));
    }

    /** @return non-empty-list<float> */
    private static function prior(Unit $unit, Tolerances $tolerances): array
    {
        [$flow, , $drop, $penetration, $seam, $opening] = $tolerances->ofUnit($unit->from);
        $area = max(1e-12, $unit->box->leakArea);
        $seams = $openings = 0.0;
        foreach ($unit->box->leaks as $leak) {
            $seams += $leak->isSeam() ? $leak->area : 0.0;
            $openings += $leak->isSeam() ? 0.0 : $leak->area;
        }

        return [$flow, $drop, $seams + $openings > 0.0 ? max(0.05, hypot($seams * $seam, $openings * $opening) / $area) : max($seam, $opening), $penetration];
    }

    /**
     * @param  list<Evidence>  $evidence
     * @param  non-empty-list<float>  $prior
     * @return array{non-empty-list<float>, non-empty-list<non-empty-list<float>>, list<non-empty-list<float>>} factors, covariance, slopes of each piece
     */
    private static function solved(UnitModel $model, array $evidence, array $prior): array
    {
        $ln = array_map(fn (): float => 0.0, $prior);
        $covariance = self::diagonal(array_map(fn (float $deviation): float => $deviation ** 2, $prior));
        $slopes = [];
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $normal = self::diagonal(array_map(fn (float $deviation): float => 1.0 / $deviation ** 2, $prior));
            $gradient = array_map(fn (float $value, float $deviation): float => -$value / $deviation ** 2, $ln, $prior);
            $slopes = [];
            foreach ($evidence as $one) {
                $slopes[] = $by = self::slopes(fn (array $at): float => $model->expected($one, $at), $ln);
                $weight = 1.0 / $model->deviation($one) ** 2;
                $left = $model->measured($one) - $model->expected($one, $ln);
                foreach ($by as $i => $slope) {
                    $gradient[$i] += $weight * $slope * $left;
                    foreach ($by as $j => $other) {
                        $normal[$i][$j] += $weight * $slope * $other;
                    }
                }
            }
            $covariance = SymmetricMatrix::inverse($normal) ?? $covariance;
            $by = array_map(fn (array $row): float => array_sum(array_map(fn (float $value, float $slope): float => $value * $slope, $row, $gradient)), $covariance);
            $ln = array_map(fn (float $at, float $step): float => $at + max(-self::STRIDE, min(self::STRIDE, $step)), $ln, $by);
            $moved = max(array_map(abs(...), $by));
            if ($moved < self::STAYS) {
                break;
            }
        }

        return [$ln, $covariance, $slopes];
    }

    /**
     * Each piece against what the rest says: the fit is put back by that piece (Cook and Weisberg, "Residuals and Influence in
     * Regression", 1982: deleted residuals).
     *
     * @param  list<Evidence>  $evidence
     * @param  non-empty-list<float>  $prior
     * @param  non-empty-list<float>  $ln
     * @param  list<non-empty-list<float>>  $slopes
     * @return list<EvidenceResidual>
     */
    private static function residuals(UnitModel $model, array $evidence, array $prior, array $ln, array $slopes, float $outlier): array
    {
        $residuals = [];
        foreach ($evidence as $number => $one) {
            $rest = array_values(array_filter($evidence, fn (int $other): bool => $other !== $number, ARRAY_FILTER_USE_KEY));
            [$without, $covariance] = self::solved($model, $rest, $prior);
            $variance = $model->deviation($one) ** 2 + self::quadratic($slopes[$number] ?? $ln, $covariance);
            $off = ($model->measured($one) - $model->expected($one, $without)) / sqrt($variance);
            $expected = $model->expected($one, $ln);
            $residuals[] = new EvidenceResidual($one, $one->kind === EvidenceKind::Level ? $expected : exp($expected), $off, abs($off) > $outlier);
        }

        return $residuals;
    }

    /**
     * @param  callable(non-empty-list<float>): float  $of
     * @param  non-empty-list<float>  $at
     * @return non-empty-list<float>
     */
    private static function slopes(callable $of, array $at): array
    {
        $slopes = [];
        foreach ($at as $i => $value) {
            $off = fn (float $by): float => $of(array_map(fn (float $one, int $place): float => $place === $i ? $value + $by : $one, $at, array_keys($at)));
            $slopes[] = ($off(self::STEP) - $off(-self::STEP)) / (2.0 * self::STEP);
        }

        return $slopes;
    }

    /**
     * @param  non-empty-list<float>  $slopes
     * @param  non-empty-list<non-empty-list<float>>  $covariance
     */
    private static function quadratic(array $slopes, array $covariance): float
    {
        $sum = 0.0;
        foreach ($slopes as $i => $one) {
            foreach ($slopes as $j => $other) {
                $sum += $one * $covariance[$i][$j] * $other;
            }
        }

        return $sum;
    }

    /**
     * @param  non-empty-list<float>  $values
     * @return non-empty-list<non-empty-list<float>>
     */
    private static function diagonal(array $values): array
    {
        return array_map(fn (int $i): array => array_map(fn (int $j): float => $i === $j ? $values[$i] : 0.0, array_keys($values)), array_keys($values));
    }

    private static function place(FitParameter $parameter): int
    {
        return (int) array_search($parameter, FitParameter::cases(), true);
    }
}
