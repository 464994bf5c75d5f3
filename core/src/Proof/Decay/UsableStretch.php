<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

/**
 * Finds the part of a log in which the air clears: after the peak, once the particles are mixed through the room, until the
 * log ends or somebody stirs up more.
 */
final readonly class UsableStretch
{
    /** Means of neighbours that the course of a log is looked at in. */
    private const COURSE = 400;

    /** Share of the fall after the peak that is left out first, for the particles to mix, and what is tried after it (assumed). */
    private const MIXING = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6];

    /** Neighbours from the beginning within which a peak is where the log begins. */
    private const AT_ONCE = 1;

    /** Share of a stretch at its beginning that must lie about the fit, and by how many deviations of its mean. */
    private const BEGINNING = 0.12;

    private const APART = 3.0;

    /** Share of the fall after which the rest is fitted alone, and half widths of its rate within which both agree. */
    private const LATER = 0.3;

    private const AGREES = 1.4;

    /** Rise over the lowest that ends a stretch, as a share of the fall until there, and in deviations of the scatter (assumed). It must also double what was left. */
    private const RISE = 0.15;

    private const RISE_SCATTER = 6.0;

    /** Neighbours in a row that must all have risen. */
    private const RISEN = 3;

    /** Share of a log at its end in which a peak is no peak yet. */
    private const END = 0.08;

    /** Least readings at the highest value, and share by which the air would have cleared meanwhile, for a meter at its ceiling. */
    private const PLATEAU = 5;

    private const CLEARED = 0.04;

    /**
     * @return Stretch|RefusedRun refused where no part of the log can be used
     */
    public static function of(ParticleSeries $series, Weights $weights): Stretch|RefusedRun
    {
        $course = $series->thinned(self::COURSE);
        $smooth = $course->medians();
        $last = count($smooth) - 1;
        if ($smooth === []) {
            return RefusedRun::of(Refusal::TooFew);
        }
        $peak = array_keys($smooth, max($smooth), true)[0];
        $scatter = $course->scatter();
        $before = $smooth[intdiv($last, 2)];
        if ($course->times[$peak] - $course->times[0] > (1.0 - self::END) * $course->duration() && self::RISE_SCATTER * $scatter + 1e-9 < $smooth[$peak] - $before) {
            return RefusedRun::of(Refusal::StillRising);
        }
        $end = self::end($smooth, $peak, $scatter);
        $lowest = min([$smooth[$peak], ...array_slice($smooth, $peak, $end - $peak + 1)]);
        $to = $end === $last ? $series->times[$series->count() - 1] : $course->times[$end];
        $found = null;
        // A log that begins at its peak was begun once the particles were mixed, if what follows says so.
        foreach ($peak <= self::AT_ONCE ? [0.0, ...self::MIXING] : self::MIXING as $share) {
            $start = $peak;
            while ($start < $end && $smooth[$start] > $smooth[$peak] - $share * ($smooth[$peak] - $lowest)) {
                $start++;
            }
            if ($end - $start < 2 * Exponential::PARAMETERS) {
                break;
            }
            $stretch = new Stretch($start === 0 ? $series->times[0] : $course->times[$start], $to, $peak === 0 ? $series->times[0] : $course->times[$peak]);
            $found ??= $stretch;
            if (self::beginsMixed($course->between($stretch->from, $stretch->to), $weights)) {
                $found = $stretch;
                break;
            }
        }

        return $found ?? RefusedRun::of(Refusal::TooFew);
    }

    /**
     * From when on a meter that stood at its ceiling tells the truth again: it tells the same highest value over and over, while the
     * air was clearing at the rate that it shows afterwards.
     *
     * @return float|null s; null where it did not stand at a ceiling
     */
    public static function leavesCeiling(ParticleSeries $series, Stretch $stretch): ?float
    {
        $within = $stretch->isFound() ? $series : $series->between($stretch->from, $stretch->to);
        $most = $within->values === [] ? 0.0 : max($within->values);
        $at = array_keys($within->values, $most, true);
        [$first, $last] = [$at[0] ?? 0, $at[count($at) - 1] ?? 0];
        if (count($at) < self::PLATEAU || 2 * count($at) < $last - $first + 1 || ! isset($within->times[$last + 1])) {
            return null;
        }
        $after = $within->between($within->times[$last + 1], $stretch->to);
        $fit = Exponential::fitted($after->thinned(self::COURSE), Weights::None);
        if ($fit === null || $fit->rate <= 0.0) {
            return null;
        }
        // What it would have fallen meanwhile, against what a meter that tells whole numbers cannot tell apart.
        $fallen = $fit->excess * (1.0 - exp(-$fit->rate * ($within->times[$last] - $within->times[$first])));

        return $fallen > max(2.0 * self::resolution($within->values), self::CLEARED * $fit->excess) ? $within->times[$last + 1] : null;
    }

    /**
     * Smallest step between readings.
     *
     * @param  list<float>  $values
     */
    private static function resolution(array $values): float
    {
        $least = INF;
        for ($i = 1, $count = count($values); $i < $count; $i++) {
            $step = abs($values[$i] - $values[$i - 1]);
            $least = $step > 1e-9 && $step < $least ? $step : $least;
        }

        return is_infinite($least) ? 0.0 : $least;
    }

    /**
     * Where the air no longer clears: before a rise, or at the end.
     *
     * @param  list<float>  $smooth
     */
    private static function end(array $smooth, int $peak, float $scatter): int
    {
        $lowest = $peak;
        $risen = 0;
        $base = min([$smooth[$peak], ...array_slice($smooth, $peak)]);
        for ($i = $peak, $count = count($smooth); $i < $count; $i++) {
            if ($smooth[$i] < $smooth[$lowest]) {
                $lowest = $i;
            }
            $rise = max(self::RISE * ($smooth[$peak] - $smooth[$lowest]), self::RISE_SCATTER * $scatter, $smooth[$lowest] - $base);
            $risen = $rise < $smooth[$i] - $smooth[$lowest] ? $risen + 1 : 0;
            if ($risen >= self::RISEN) {
                return $lowest;
            }
        }

        return count($smooth) - 1;
    }

    /** Whether what comes first falls like the rest: while particles mix, it falls faster or slower. */
    private static function beginsMixed(ParticleSeries $stretch, Weights $weights): bool
    {
        $fit = Exponential::fitted($stretch, $weights);
        if ($fit === null) {
            return false;
        }
        $until = max(3, (int) round(self::BEGINNING * $stretch->count()));
        $sum = 0.0;
        foreach (array_slice($stretch->times, 0, $until) as $i => $time) {
            $sum += ($stretch->values[$i] - $fit->at($time)) * sqrt($weights->at($fit->at($time)));
        }
        if (abs($sum) / sqrt($until) > self::APART * $fit->scatter + 1e-9) {
            return false;
        }
        $gone = log(1.0 / (1.0 - self::LATER)) / max(1e-9, $fit->rate);
        $later = Exponential::fitted($stretch->between($fit->from + $gone, $stretch->times[$stretch->count() - 1]), $weights);

        return $later === null || abs($later->rate - $fit->rate) <= self::AGREES * $later->rateInterval()->half();
    }
}
