<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Quantity\Interval;

/** One run of a decay test that can be used: its stretch, its fit and how well the room was mixed. */
final readonly class DecayRun
{
    /** Half width of the rate over the rate from which a run is too noisy (assumed). */
    private const NOISY = 0.5;

    /** Least e-folds that a run must show. */
    private const E_FOLDS = 1.0;

    /** Fall, or rise, that is one at all, and from which it can be told how far it went, in deviations of its ends. */
    private const FALLEN = 3.0;

    private const CLEAR = 10.0;

    /** Pieces of a stretch whose means are held against the fit. */
    private const PIECES = 12;

    /** Share of a found stretch at its beginning in which air that cleared faster was not mixed yet, so that it is left out. */
    private const MIXING = 0.15;

    /** Readings of a long log that are looked at for that. */
    private const LOOKED_AT = 6000;

    /** Least readings in a piece for its mean to say anything. */
    private const OF_PIECE = 4;

    /** Root mean square of what pieces are off, in deviations of a low-cost meter's single reading, from which a room is badly mixed (assumed). */
    private const BADLY = 1.0;

    /** @param  float  $unevenness  root mean square of what the means of pieces are off the fit, in deviations of a low-cost meter */
    private function __construct(public Stretch $stretch, public Exponential $fit, public float $unevenness)
    {
    }

    /**
     * @param  float|null  $from  where the stretch is told, s since the first reading
     * @param  float|null  $to  s since the first reading
     */
    public static function of(ParticleSeries $series, Weights $weights, ?float $from = null, ?float $to = null): self|RefusedRun
    {
        if ($series->count() <= 2 * Exponential::PARAMETERS) {
            return RefusedRun::of(Refusal::TooFew);
        }
        $found = $from === null || $to === null ? UsableStretch::of($series, $weights) : null;
        if ($found instanceof RefusedRun) {
            return $found;
        }
        $stretch = new Stretch($from ?? $found->from ?? 0.0, $to ?? $found->to ?? 0.0, $from === null && $to === null ? $found?->peak : null);
        $leaves = UsableStretch::leavesCeiling($series, $stretch);
        if ($leaves !== null) {
            return RefusedRun::of(Refusal::Saturated, $stretch, null, $leaves, minute: number_format($leaves / 60.0, 1));
        }

        $run = self::judged($series->between($stretch->from, $stretch->to), $stretch, $weights);
        $mixed = $from === null && $to === null && $run instanceof RefusedRun ? self::mixedFrom($run, $stretch) : null;
        if ($mixed === null) {
            return $run;
        }
        $later = new Stretch($mixed, $stretch->to, $stretch->peak);

        return self::judged($series->between($later->from, $later->to), $later, $weights);
    }

    /**
     * From when on a run clears evenly that did so faster only at its very beginning.
     *
     * @return float|null s since the first reading; null where it changed later or clears faster ever after
     */
    private static function mixedFrom(RefusedRun $run, Stretch $stretch): ?float
    {
        $last = $run->changes === [] ? null : $run->changes[count($run->changes) - 1];
        $isSlower = $last !== null && $run->fit !== null && $last->rate->value < $run->fit->rate;

        return $isSlower && $last->at - $stretch->from < self::MIXING * ($stretch->to - $stretch->from) ? $last->at : null;
    }

    /** How well it was mixed, in words. */
    public function isEven(): bool
    {
        return $this->unevenness <= self::BADLY / 2.0;
    }

    /** K, 1/s. */
    public function rate(): Interval
    {
        return $this->fit->rateInterval();
    }

    private static function judged(ParticleSeries $used, Stretch $stretch, Weights $weights): self|RefusedRun
    {
        $fit = Exponential::fitted($used, $weights);
        if ($used->count() <= Exponential::PARAMETERS) {
            return RefusedRun::of(Refusal::TooFew, $stretch);
        }
        [$first, $last] = self::ends($used);
        $fall = ($first - $last) / max(1e-9, 2.0 * $used->scatter() / sqrt($used->count()));
        if ($fit === null) {
            // It neither bends nor settles: a straight line.
            return $fall < self::FALLEN ? RefusedRun::of($fall < -self::FALLEN ? Refusal::StillRising : Refusal::NotFalling, $stretch) : self::tooShort($stretch, log($first / max(0.1 * $first, $last)), null);
        }
        if ($fall < self::FALLEN && ($fit->rate <= 0.0 || $fit->excess <= 0.0 || $fit->rateInterval()->low <= 0.0)) {
            return RefusedRun::of($fall < -self::FALLEN ? Refusal::StillRising : Refusal::NotFalling, $stretch, $fit);
        }
        // What falls without bending yet has hardly begun.
        $folds = $fit->rate > 0.0 && $fit->excess > 0.0 ? $fit->rate * $stretch->sincePeak() : min(0.99, log($first / max(0.1 * $first, $last)));
        if ($folds < self::E_FOLDS && $fall > self::CLEAR) {
            return self::tooShort($stretch, $folds, $fit);
        }
        if ($folds < self::E_FOLDS) {
            return self::tooNoisy($stretch, $fit);
        }
        $changes = RateChanges::in($used);
        if ($changes !== []) {
            return RefusedRun::changed($stretch, $fit, $changes);
        }
        $unevenness = self::unevenness($used, $fit);
        if ($unevenness > self::BADLY) {
            return RefusedRun::of(Refusal::BadlyMixed, $stretch, $fit);
        }
        if ($fit->rateInterval()->half() > self::NOISY * $fit->rate) {
            return self::tooNoisy($stretch, $fit);
        }

        return new self($stretch, $fit, $unevenness);
    }

    /**
     * Means of the first and the last quarter.
     *
     * @return array{float, float} µg/m3
     */
    private static function ends(ParticleSeries $used): array
    {
        $quarter = max(1, intdiv($used->count(), 4));

        return [array_sum(array_slice($used->values, 0, $quarter)) / $quarter, array_sum(array_slice($used->values, -$quarter)) / $quarter];
    }

    private static function tooShort(Stretch $stretch, float $folds, ?Exponential $fit): RefusedRun
    {
        return RefusedRun::of(Refusal::TooShort, $stretch, $fit, null, folds: number_format(min(0.99, $folds), 2), minutes: (string) (int) ceil(1.5 * $stretch->sincePeak() / max(0.01, $folds) / 60.0));
    }

    private static function tooNoisy(Stretch $stretch, Exponential $fit): RefusedRun
    {
        return RefusedRun::of(Refusal::TooNoisy, $stretch, $fit, null, percent: (string) (int) min(999.0, round(100.0 * $fit->rateInterval()->half() / max(1e-9, abs($fit->rate)))));
    }

    /** What the means of pieces are off the fit, beyond what the scatter of single readings explains. */
    private static function unevenness(ParticleSeries $used, Exponential $fit): float
    {
        $pieces = min(self::PIECES, intdiv($used->count(), self::OF_PIECE));
        if ($pieces < 4) {
            return 0.0;
        }
        $sum = $noise = 0.0;
        // Of a long log some thousand readings say as much as all.
        $every = max(1, intdiv($used->count(), self::LOOKED_AT));
        for ($piece = 0; $piece < $pieces; $piece++) {
            [$from, $to] = [intdiv($piece * $used->count(), $pieces), intdiv(($piece + 1) * $used->count(), $pieces)];
            $count = 0;
            $mean = $square = 0.0;
            for ($i = $from; $i < $to; $i += $every) {
                $fitted = $fit->at($used->times[$i]);
                $left = ($used->values[$i] - $fitted) * sqrt(Weights::Meter->at(max(0.0, $fitted)));
                $mean += $left;
                $square += $left * $left;
                $count++;
            }
            $mean /= $count;
            $sum += $mean * $mean / $pieces;
            $noise += max(0.0, $square / $count - $mean * $mean) / max(1, $count - 1) / $pieces;
        }

        return sqrt(max(0.0, $sum - 2.0 * $noise));
    }
}
