<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Numeric\StudentT;
use Jornel\Core\Numeric\SymmetricMatrix;
use Jornel\Core\Quantity\Interval;

/**
 * Looks whether the rate of a decay changed within its stretch: for some time the air cleared faster, as with a door open.
 * Each beginning and end of such a time on a grid is held against the plain decay by an F test of one added parameter
 * (C = Cbg + (C0 - Cbg) exp(-K t - h s), s the time with the door open so far); the threshold allows for the many that are tried.
 */
final class RateChanges
{
    /** Means of neighbours that are looked at, and moments among them at which a rate may change. */
    private const COURSE = 240;

    private const MOMENTS = 40;

    /** Least means that show a change. */
    private const FEWEST = 24;

    /** Ratio of F from which a change is told: of 1,000 clean tests, fewer than 30 are asked about (DoorTest counts them). */
    private const TOLD = 13.5;

    /** Mean square of what is left over, in that of neighbours, up to which it is mere scatter; more is a room that is badly mixed. */
    private const SCATTER = 2.0;

    private const STEPS = 12;

    /**
     * @param  ParticleSeries  $used  the stretch of a run
     * @return list<RateChange> the earlier first; none where the rate stays
     */
    public static function in(ParticleSeries $used): array
    {
        $course = $used->thinned(self::COURSE);
        $fit = $course->count() < self::FEWEST ? null : Exponential::fitted($course, Weights::Meter);
        if ($fit === null || $fit->rate <= 0.0 || $fit->excess <= 0.0) {
            return [];
        }
        $between = self::mostTelling($course, $fit);

        return $between === null ? [] : self::rates($course, $fit, ...$between);
    }

    /**
     * Beginning and end of the time at another rate that explains most.
     *
     * @return array{float, float|null}|null s; no end where it lasts until the stretch ends; null where none explains enough
     */
    private static function mostTelling(ParticleSeries $course, Exponential $fit): ?array
    {
        $count = $course->count();
        $roots = $falls = $left = [];
        foreach ($course->times as $i => $time) {
            $roots[] = $root = sqrt(Weights::Meter->at(max(0.0, $fit->at($time))));
            $falls[] = -$root * $fit->excess * exp(-$fit->rate * ($time - $fit->from));
            $left[] = $root * ($course->values[$i] - $fit->at($time));
        }
        $plain = [];
        foreach ([$roots, $falls, array_map(fn (float $fall, float $time): float => $fall * ($time - $fit->from), $falls, $course->times)] as $column) {
            $plain[] = self::unit(self::without($column, $plain));
        }
        $left = self::without($left, $plain);
        $squares = self::dot($left, $left);
        $moments = $ramps = [];
        for ($moment = 0; $moment < self::MOMENTS; $moment++) {
            $moments[] = $at = $course->times[intdiv($moment * $count, self::MOMENTS)];
            $ramps[] = self::without(array_map(fn (float $fall, float $time): float => $fall * max(0.0, $time - $at), $falls, $course->times), $plain);
        }
        // What lasts until the end has no second ramp.
        $ramps[] = array_fill(0, $count, 0.0);
        [$most, $best] = [0.0, null];
        $along = array_map(fn (array $ramp): float => self::dot($ramp, $left), $ramps);
        $products = [];
        foreach ($ramps as $one => $ramp) {
            for ($other = 0; $other <= $one; $other++) {
                $products[$other][$one] = self::dot($ramp, $ramps[$other]);
            }
        }
        for ($from = 0; $from < self::MOMENTS; $from++) {
            for ($to = $from + 1; $to <= self::MOMENTS; $to++) {
                $faster = $along[$from] - $along[$to];
                $size = $products[$from][$from] - 2.0 * $products[$from][$to] + $products[$to][$to];
                $explained = $faster > 0.0 && $size > 1e-9 * $squares / $fit->rate ** 2 ? $faster * $faster / $size : 0.0;
                if ($explained > $most) {
                    [$most, $best] = [$explained, [$moments[$from], $moments[$to] ?? null]];
                }
            }
        }

        return $most < $squares && $most * ($count - Exponential::PARAMETERS - 1) < self::TOLD * ($squares - $most) ? null : $best;
    }

    /**
     * The rates before, within and after it, all fitted together; none where more than scatter is left over.
     *
     * @return list<RateChange>
     */
    private static function rates(ParticleSeries $course, Exponential $fit, float $from, ?float $to): array
    {
        $found = [$fit->background, $fit->excess, $fit->rate, 0.0];
        $inverse = null;
        $squares = 0.0;
        for ($step = 0; $step < self::STEPS; $step++) {
            [$normal, $gradient, $squares] = self::normal($course, $fit, $found, $from, $to ?? INF);
            $inverse = SymmetricMatrix::inverse($normal);
            if ($inverse === null) {
                return [];
            }
            foreach ($inverse as $i => $row) {
                // No rate changes by more than half of itself within one step.
                $by = self::dot($row, $gradient);
                $found[$i] += $i < 2 ? $by : max(-0.5 * $fit->rate, min(0.5 * $fit->rate, $by));
            }
        }
        if ($squares > self::SCATTER * self::amongNeighbours($course, $fit)) {
            return [];
        }
        [$rate, $more] = [$found[2], $found[3]];
        $reach = StudentT::twoSided(Interval::COVERS, $course->count() - 4) * sqrt($squares / ($course->count() - 4));
        $within = new RateChange($from, Interval::around($rate + $more, $reach * sqrt(max(0.0, $inverse[2][2] + 2.0 * $inverse[2][3] + $inverse[3][3]))));
        $after = $to === null ? [] : [new RateChange($to, Interval::around($rate, $reach * sqrt(max(0.0, $inverse[2][2]))))];

        return $from <= $course->times[0] ? $after : [$within, ...$after];
    }

    /** Weighted sum of squares that the scatter of neighbours amounts to, whatever the slow course of the readings is. */
    private static function amongNeighbours(ParticleSeries $course, Exponential $fit): float
    {
        $sum = 0.0;
        foreach (array_slice($course->values, 1) as $i => $value) {
            [$before, $here] = [$fit->at($course->times[$i]), $fit->at($course->times[$i + 1])];
            $sum += Weights::Meter->at(max(0.0, $here)) * (($value - $here) - ($course->values[$i] - $before)) ** 2;
        }

        return $sum / 2.0;
    }

    /**
     * @param  array<int, float>  $at  background, excess, rate and what is added to it
     * @return array{non-empty-list<non-empty-list<float>>, list<float>, float}
     */
    private static function normal(ParticleSeries $course, Exponential $fit, array $at, float $from, float $to): array
    {
        $normal = array_fill(0, 4, array_fill(0, 4, 0.0));
        $gradient = array_fill(0, 4, 0.0);
        $squares = 0.0;
        foreach ($course->times as $number => $time) {
            $open = max(0.0, min($time, $to) - $from);
            $since = $time - $fit->from;
            $fall = exp(-$at[2] * $since - $at[3] * $open);
            $left = $course->values[$number] - $at[0] - $at[1] * $fall;
            $weight = Weights::Meter->at(max(0.0, $fit->at($time)));
            $slopes = [1.0, $fall, -$at[1] * $since * $fall, -$at[1] * $open * $fall];
            foreach ($slopes as $i => $slope) {
                $gradient[$i] += $weight * $slope * $left;
                foreach ($slopes as $j => $other) {
                    $normal[$i][$j] += $weight * $slope * $other;
                }
            }
            $squares += $weight * $left * $left;
        }

        return [$normal, $gradient, $squares];
    }

    /**
     * @param  list<float>  $column
     * @param  list<list<float>>  $others  of length one, at right angles to each other
     * @return list<float>
     */
    private static function without(array $column, array $others): array
    {
        foreach ($others as $other) {
            $along = self::dot($column, $other);
            $column = array_map(fn (float $value, float $of): float => $value - $along * $of, $column, $other);
        }

        return $column;
    }

    /**
     * @param  list<float>  $column
     * @return list<float>
     */
    private static function unit(array $column): array
    {
        $length = sqrt(self::dot($column, $column));

        return array_map(fn (float $value): float => $length > 0.0 ? $value / $length : 0.0, $column);
    }

    /**
     * @param  array<int, float>  $one
     * @param  array<int, float>  $other
     */
    private static function dot(array $one, array $other): float
    {
        $sum = 0.0;
        foreach ($one as $i => $value) {
            $sum += $value * $other[$i];
        }

        return $sum;
    }
}
