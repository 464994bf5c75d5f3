<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Numeric\StudentT;
use Jornel\Core\Numeric\SymmetricMatrix;
use Jornel\Core\Quantity\Interval;

/**
 * A decay fitted to readings: C = Cbg + (C0 - Cbg) exp(-K t), t counted from the first reading of the stretch.
 *
 * Non-linear least squares by Gauss and Newton with the damping of Levenberg and Marquardt, begun from the best of a row of
 * rates, for each of which the other two are linear (Golub and Pereyra, "The differentiation of pseudo-inverses and nonlinear
 * least squares problems whose variables separate", SIAM Journal on Numerical Analysis 10, 1973). Weights that hang on the
 * fitted value are renewed until they stay. Intervals are those of the linearized fit: s^2 (J^T W J)^-1 with Student's t at n - 3.
 */
final readonly class Exponential
{
    public const PARAMETERS = 3;

    /** Readings of a long log that the search begins with. */
    private const FIRST = 1500;

    /** Passes of renewed weights, and steps within one. */
    private const MOST_PASSES = 200;

    private const MOST_STEPS = 40;

    /** Relative change that counts as none; of a long log, whose weights settle at once, a wider one. */
    private const STAYS = 1e-12;

    private const LONG_STAYS = 1e-8;

    /** Readings of a long log. */
    private const LONG = 10000;

    /** Relative change of a pass after which steps are taken whole. */
    private const NEAR = 0.05;

    /** Rates that are tried first, as e-folds over the stretch. */
    private const E_FOLDS = [0.05, 0.1, 0.2, 0.4, 0.7, 1.0, 1.5, 2.2, 3.2, 4.5, 6.5, 9.0, 13.0, 20.0, 30.0, 60.0];

    /**
     * @param  float  $rate  K, 1/s
     * @param  float  $background  Cbg, µg/m3
     * @param  float  $excess  C0 - Cbg, µg/m3
     * @param  float  $from  time of t = 0, s
     * @param  int  $count  readings
     * @param  float  $scatter  root of the weighted mean square of what is left over
     * @param  array{float, float, float, float}  $half  half widths of the intervals of background, excess, rate, and of start
     */
    private function __construct(
        public float $rate,
        public float $background,
        public float $excess,
        public float $from,
        public int $count,
        public float $scatter,
        private array $half,
        public Weights $weights,
    ) {
    }

    /**
     * @param  ParticleSeries  $stretch  four readings or more
     * @return self|null null where no decay goes through them
     */
    public static function fitted(ParticleSeries $stretch, Weights $weights): ?self
    {
        $count = $stretch->count();
        $duration = $stretch->duration();
        if ($count <= self::PARAMETERS || $duration <= 0.0) {
            return null;
        }
        $thin = $stretch->thinned(self::FIRST);
        $begun = self::begun($thin, $stretch->times[0], $duration);
        $isShort = $thin === $stretch;
        $found = $isShort ? $begun : self::settled($thin, $stretch->times[0], $weights, $begun) ?? $begun;
        $found = self::settled($stretch, $stretch->times[0], $weights, $found, $isShort ? INF : self::NEAR / 2.0);
        if ($found === null || $found[1] === 0.0) {
            return null;
        }
        [$normal, , $sum] = self::normal($stretch, $stretch->times[0], $weights, $found, $found);
        $inverse = SymmetricMatrix::inverse($normal);
        if ($inverse === null) {
            return null;
        }
        $degrees = $count - self::PARAMETERS;
        $reach = StudentT::twoSided(Interval::COVERS, $degrees) * sqrt($sum / $degrees);

        return new self($found[2], $found[0], $found[1], $stretch->times[0], $count, sqrt($sum / $degrees), [
            $reach * sqrt($inverse[0][0]), $reach * sqrt($inverse[1][1]), $reach * sqrt($inverse[2][2]),
            $reach * sqrt(max(0.0, $inverse[0][0] + $inverse[1][1] + 2.0 * $inverse[0][1])),
        ], $weights);
    }

    /** @return float µg/m3 that the fit says for a time, s */
    public function at(float $time): float
    {
        return $this->background + $this->excess * exp(-$this->rate * ($time - $this->from));
    }

    /** K, 1/s. */
    public function rateInterval(): Interval
    {
        return Interval::around($this->rate, $this->half[2]);
    }

    /** Cbg, µg/m3. */
    public function backgroundInterval(): Interval
    {
        return Interval::around($this->background, $this->half[0]);
    }

    /** C0, µg/m3. */
    public function startInterval(): Interval
    {
        return Interval::around($this->background + $this->excess, $this->half[3]);
    }

    /**
     * Time until a share of what is above the background is gone: ln(1 / (1 - share)) / K. Only where the rate is surely above 0.
     *
     * @return Interval s
     */
    public function clearing(float $share): Interval
    {
        return $this->rateInterval()->through(fn (float $rate): float => -log1p(-$share) / $rate);
    }

    /**
     * The best of a row of rates.
     *
     * @return array{float, float, float} background, excess, rate
     */
    private static function begun(ParticleSeries $series, float $from, float $duration): array
    {
        [$best, $least] = [[0.0, 0.0, 1.0 / $duration], INF];
        foreach (self::E_FOLDS as $folds) {
            $rate = $folds / $duration;
            $n = $e = $ee = $y = $ye = $yy = 0.0;
            foreach ($series->times as $i => $time) {
                $fall = exp(-$rate * ($time - $from));
                $value = $series->values[$i];
                $n += 1.0;
                $e += $fall;
                $ee += $fall * $fall;
                $y += $value;
                $ye += $value * $fall;
                $yy += $value * $value;
            }
            $determinant = $n * $ee - $e * $e;
            if ($determinant <= 1e-9 * $n * $ee) {
                continue;
            }
            $excess = ($n * $ye - $e * $y) / $determinant;
            $background = ($y - $excess * $e) / $n;
            $sum = $yy - $background * $y - $excess * $ye;
            // A rise has no place in a decay, unless nothing else is there.
            $sum = $excess > 0.0 ? $sum : $sum + $yy;
            if ($sum < $least) {
                [$best, $least] = [[$background, $excess, $rate], $sum];
            }
        }

        return $best;
    }

    /**
     * Fitted again with renewed weights until nothing changes.
     *
     * @param  array{float, float, float}  $found
     * @param  float  $last  how far it may be off, as a relative change
     * @return array{float, float, float}|null
     */
    private static function settled(ParticleSeries $series, float $from, Weights $weights, array $found, float $last = INF): ?array
    {
        for ($pass = 0; $pass < self::MOST_PASSES; $pass++) {
            // Near the end a whole step with renewed weights does what a search with fixed ones does.
            $next = $last < self::NEAR ? self::wholeStep($series, $from, $weights, $found) : self::stepped($series, $from, $weights, $found);
            if ($next === null) {
                return null;
            }
            $change = self::change($found, $next);
            [$found, $last] = [$next, $last < self::NEAR && $change > $last ? INF : $change];
            if ($change < ($series->count() > self::LONG ? self::LONG_STAYS : self::STAYS)) {
                break;
            }
        }

        return $found;
    }

    /**
     * One step of Gauss and Newton with the weights of where it begins.
     *
     * @param  array{float, float, float}  $found
     * @return array{float, float, float}|null
     */
    private static function wholeStep(ParticleSeries $series, float $from, Weights $weights, array $found): ?array
    {
        [$normal, $gradient] = self::normal($series, $from, $weights, $found, $found);
        $inverse = SymmetricMatrix::inverse($normal);

        return $inverse === null ? null : self::moved($found, $inverse, $gradient);
    }

    /**
     * @param  array{float, float, float}  $from
     * @param  non-empty-list<non-empty-list<float>>  $inverse
     * @param  array{float, float, float}  $gradient
     * @return array{float, float, float}
     */
    private static function moved(array $from, array $inverse, array $gradient): array
    {
        $by = fn (int $i): float => $inverse[$i][0] * $gradient[0] + $inverse[$i][1] * $gradient[1] + $inverse[$i][2] * $gradient[2];

        return [$from[0] + $by(0), $from[1] + $by(1), $from[2] + $by(2)];
    }

    /**
     * Least squares with the weights of one fit.
     *
     * @param  array{float, float, float}  $weighed  by whose fitted values readings count
     * @return array{float, float, float}|null
     */
    private static function stepped(ParticleSeries $series, float $from, Weights $weights, array $weighed): ?array
    {
        $found = $weighed;
        $damping = 1e-6;
        [$normal, $gradient, $sum] = self::normal($series, $from, $weights, $weighed, $found);
        for ($step = 0; $step < self::MOST_STEPS; $step++) {
            $damped = $normal;
            for ($i = 0; $i < self::PARAMETERS; $i++) {
                $damped[$i][$i] *= 1.0 + $damping;
            }
            $inverse = SymmetricMatrix::inverse($damped);
            if ($inverse === null) {
                if (($damping *= 30.0) > 1e12) {
                    return null;
                }

                continue;
            }
            $next = self::moved($found, $inverse, $gradient);
            $change = self::change($found, $next);
            [$thisNormal, $thisGradient, $thisSum] = self::normal($series, $from, $weights, $weighed, $next);
            if (is_nan($thisSum) || $thisSum > $sum * (1.0 + 1e-12) + 1e-300) {
                // Where the step is smaller than rounding tells apart, it is the end.
                if ($change < 1e-9) {
                    break;
                }
                $damping = max(1e-6, $damping) * 10.0;

                continue;
            }
            [$found, $normal, $gradient, $sum] = [$next, $thisNormal, $thisGradient, $thisSum];
            $damping = max(1e-12, $damping * 0.1);
            if ($change < self::STAYS) {
                break;
            }
        }

        return $found;
    }

    /**
     * Largest change of a fit, each figure against its own size.
     *
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     */
    private static function change(array $one, array $other): float
    {
        $size = abs($one[0]) + abs($one[1]) + 1e-12;

        return max(abs($other[0] - $one[0]) / $size, abs($other[1] - $one[1]) / $size, abs($other[2] - $one[2]) / (abs($one[2]) + 1e-15));
    }

    /**
     * J^T W J, J^T W (y - f) and the weighted sum of squares.
     *
     * @param  array{float, float, float}  $weighed  by whose fitted values readings count
     * @param  array{float, float, float}  $at  background, excess, rate
     * @return array{non-empty-list<non-empty-list<float>>, array{float, float, float}, float}
     */
    private static function normal(ParticleSeries $series, float $from, Weights $weights, array $weighed, array $at): array
    {
        [$background, $excess, $rate] = $at;
        [$wBackground, $wExcess, $wRate] = $weighed;
        $isSame = $weighed === $at;
        $isPlain = $weights === Weights::None;
        [$floor, $share] = [Weights::FLOOR ** 2, Weights::SHARE ** 2];
        $w0 = $wf = $wg = $wff = $wfg = $wgg = $r0 = $rf = $rg = $sum = 0.0;
        foreach ($series->times as $i => $time) {
            $since = $time - $from;
            $fall = exp(-$rate * $since);
            $slope = -$excess * $since * $fall;
            $left = $series->values[$i] - $background - $excess * $fall;
            if ($isPlain) {
                $wf += $fall;
                $wg += $slope;
                $wff += $fall * $fall;
                $wfg += $fall * $slope;
                $wgg += $slope * $slope;
                $r0 += $left;
                $rf += $left * $fall;
                $rg += $left * $slope;
                $sum += $left * $left;
            } else {
                $fitted = $isSame ? $background + $excess * $fall : $wBackground + $wExcess * exp(-$wRate * $since);
                $weight = 1.0 / ($floor + $share * $fitted * $fitted);
                $w0 += $weight;
                $wf += $by = $weight * $fall;
                $wg += $along = $weight * $slope;
                $wff += $by * $fall;
                $wfg += $by * $slope;
                $wgg += $along * $slope;
                $r0 += $weight * $left;
                $rf += $by * $left;
                $rg += $along * $left;
                $sum += $weight * $left * $left;
            }
        }
        $w0 = $isPlain ? (float) count($series->times) : $w0;

        return [[[$w0, $wf, $wg], [$wf, $wff, $wfg], [$wg, $wfg, $wgg]], [$r0, $rf, $rg], $sum];
    }
}
