<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** Readings brought into order of time: midnights, clocks that were set, times that come twice, gaps. */
final readonly class TimeOrder
{
    private const DAY = 86400.0;

    private const HOUR = 3600.0;

    /** Usual intervals that a gap is longer than. */
    private const GAP = 10.0;

    /** Least gap that is told, s. */
    private const LEAST_GAP = 120.0;

    /** Between which a clock with dates tells, s since 1970: up to the year 2100. */
    private const DATES = [0.0, 4_102_444_800.0];

    /**
     * @param  list<float>  $times  s since the first reading
     * @param  list<float>  $values
     * @param  list<int>  $lines  number of the line of each
     * @param  float  $began  of the first reading by the clock, s
     * @param  list<LogNote>  $notes
     */
    private function __construct(public array $times, public array $values, private array $lines, public float $began, public array $notes)
    {
    }

    /**
     * @param  non-empty-list<float>|list<float>  $times  by the clock, s
     * @param  list<float>  $values
     * @param  list<int>  $lines  number of the line of each
     */
    public static function of(array $times, array $values, array $lines, Clock $clock): self
    {
        $usual = self::usualStep($times);
        $notes = [];
        if ($clock === Clock::TimeOfDay || $clock->isLocal()) {
            [$times, $notes] = self::throughTheDay($times, $lines, $usual, $clock);
        }
        $sorted = self::isSorted($times);
        if ($sorted !== null) {
            $notes[] = LogNote::of('out-of-order', $lines[$sorted]);
            asort($times);
            $order = array_keys($times);
            $times = array_values($times);
            $values = array_map(fn (int $at): float => $values[$at], $order);
            $lines = array_map(fn (int $at): int => $lines[$at], $order);
        }
        [$times, $values, $lines, $more] = self::withoutRepeats($times, $values, $lines);
        $began = $times[0] ?? 0.0;

        return new self($began === 0.0 ? $times : array_map(fn (float $time): float => $time - $began, $times), $values, $lines, $began, [...$notes, ...$more, ...self::gaps($times, $lines, self::usualStep($times))]);
    }

    /**
     * Whether a log can be kept as it is told: its times are those of a clock, none longer than a year, each apart from the next.
     *
     * @throws InvalidLog with the line that cannot
     */
    public function mustBeStorable(Clock $clock): void
    {
        $last = count($this->times) - 1;
        if ($clock->hasDate() && ($this->began < self::DATES[0] || $this->began > self::DATES[1])) {
            throw InvalidLog::of('time-out-of-range', line: $this->lines[0]);
        }
        if ($this->times[$last] > LogLimits::LONGEST) {
            throw InvalidLog::of('too-long', line: $this->lines[$last], days: (int) round($this->times[$last] / self::DAY));
        }
        for ($i = 1; $i <= $last; $i++) {
            if (LogLimits::areSameTime($this->times[$i], $this->times[$i - 1])) {
                throw InvalidLog::of('too-close', line: $this->lines[$i]);
            }
        }
    }

    /** @param  list<float>  $times */
    private static function usualStep(array $times): float
    {
        $steps = [];
        for ($i = 1, $count = min(count($times), 2000); $i < $count; $i++) {
            $steps[] = abs($times[$i] - $times[$i - 1]);
        }
        sort($steps);

        return $steps[intdiv(count($steps), 2)] ?? 0.0;
    }

    /**
     * Past midnights of a clock without dates, and through a clock that was set by an hour.
     *
     * @param  list<float>  $times
     * @param  list<int>  $lines
     * @return array{list<float>, list<LogNote>}
     */
    private static function throughTheDay(array $times, array $lines, float $usual, Clock $clock): array
    {
        $notes = [];
        $add = 0.0;
        for ($i = 1, $count = count($times); $i < $count; $i++) {
            $step = $times[$i] + $add - $times[$i - 1];
            $times[$i] += $add;
            // A day's readings in order, or the time of day that fell by most of a day.
            if ($clock === Clock::TimeOfDay && $step < -self::DAY / 2.0) {
                [$add, $times[$i]] = [$add + self::DAY, $times[$i] + self::DAY];
                $notes[] = LogNote::of('midnight', $lines[$i]);
            } elseif ($step < 0.0 && abs($step + self::HOUR - $usual) <= max(2.0, 0.5 * $usual) && self::goesOnAlike($times, $i, $count, $add)) {
                [$add, $times[$i]] = [$add + self::HOUR, $times[$i] + self::HOUR];
                $notes[] = LogNote::of('clock-back', $lines[$i]);
            } elseif ($clock->isLocal() && $usual < self::HOUR / 2.0 && abs($step - self::HOUR - $usual) <= max(2.0, 0.5 * $usual) && self::isSpringForward($times[$i] - $add)) {
                [$add, $times[$i]] = [$add - self::HOUR, $times[$i] - self::HOUR];
                $notes[] = LogNote::of('clock-forward', $lines[$i]);
            }
        }

        return [array_values($times), $notes];
    }

    /**
     * Whether what follows keeps to the clock that was set back, as against one line out of order.
     *
     * @param  array<int, float>  $times  of which those up to $i are set right already
     */
    private static function goesOnAlike(array $times, int $i, int $count, float $add): bool
    {
        for ($next = $i + 1; $next < min($count, $i + 4); $next++) {
            if ($times[$next] + $add > $times[$i - 1] + self::HOUR / 2.0) {
                return false;
            }
        }

        return true;
    }

    /** Whether clocks are set forward at this hour of the year: between one and four at night on a Sunday in spring, of either half of the earth. */
    private static function isSpringForward(float $clock): bool
    {
        $day = (int) floor($clock / self::DAY);
        $hour = ($clock - $day * self::DAY) / self::HOUR;
        // 1 January 1970 was a Thursday; a year has 365.2425 days.
        $ofYear = fmod($day / 365.2425, 1.0);

        return ($day + 4) % 7 === 0 && $hour >= 1.0 && $hour <= 4.0 && (($ofYear > 0.18 && $ofYear < 0.27) || ($ofYear > 0.70 && $ofYear < 0.80));
    }

    /**
     * @param  list<float>  $times
     * @return int|null place of the first that lies before its neighbour
     */
    private static function isSorted(array $times): ?int
    {
        for ($i = 1, $count = count($times); $i < $count; $i++) {
            if ($times[$i] < $times[$i - 1]) {
                return $i;
            }
        }

        return null;
    }

    /**
     * Readings of the same time: spread evenly where the clock tells no finer, their mean where it is but a few.
     *
     * @param  list<float>  $times
     * @param  list<float>  $values
     * @param  list<int>  $lines
     * @return array{list<float>, list<float>, list<int>, list<LogNote>}
     */
    private static function withoutRepeats(array $times, array $values, array $lines): array
    {
        $count = count($times);
        $repeated = 0;
        $first = null;
        $groups = 1;
        for ($i = 1; $i < $count; $i++) {
            if ($times[$i] === $times[$i - 1]) {
                $repeated++;
                $first ??= $i;
            } else {
                $groups++;
            }
        }
        if ($first === null) {
            return [$times, $values, $lines, []];
        }
        if ($repeated > $count / 4 && $groups > 2) {
            return [self::spread($times), $values, $lines, [LogNote::of('spread', $lines[$first])]];
        }
        [$newTimes, $newValues, $newLines] = [[], [], []];
        for ($i = 0; $i < $count; $i = $next) {
            $sum = 0.0;
            for ($next = $i; $next < $count && $times[$next] === $times[$i]; $next++) {
                $sum += $values[$next];
            }
            $newTimes[] = $times[$i];
            $newValues[] = $sum / ($next - $i);
            $newLines[] = $lines[$i];
        }

        return [$newTimes, $newValues, $newLines, [LogNote::of('repeated', $lines[$first], count: $repeated)]];
    }

    /**
     * @param  list<float>  $times  in order, many alike
     * @return list<float>
     */
    private static function spread(array $times): array
    {
        $count = count($times);
        $step = self::usualGroupStep($times);
        $spread = [];
        for ($i = 0; $i < $count; $i = $next) {
            for ($next = $i; $next < $count && $times[$next] === $times[$i]; $next++) {
                // Counted to where the next time begins.
            }
            $until = $next < $count ? min($times[$next], $times[$i] + $step) : $times[$i] + $step;
            // The first minute may have begun before the log did: its readings lie at its end.
            $size = $next - $i;
            for ($k = 0; $k < $size; $k++) {
                $spread[] = $times[$i] + ($until - $times[$i]) * $k / $size;
            }
        }

        return $spread;
    }

    /** @param  list<float>  $times */
    private static function usualGroupStep(array $times): float
    {
        $steps = [];
        for ($i = 1, $count = count($times); $i < $count; $i++) {
            if ($times[$i] > $times[$i - 1]) {
                $steps[] = $times[$i] - $times[$i - 1];
            }
        }
        sort($steps);

        return $steps[intdiv(count($steps), 2)] ?? 0.0;
    }

    /**
     * @param  list<float>  $times
     * @param  list<int>  $lines
     * @return list<LogNote>
     */
    private static function gaps(array $times, array $lines, float $usual): array
    {
        $longest = max(self::LEAST_GAP, self::GAP * $usual);
        $first = null;
        $gaps = 0;
        for ($i = 1, $count = count($times); $i < $count; $i++) {
            if ($longest < $times[$i] - $times[$i - 1]) {
                $gaps++;
                $first ??= $i;
            }
        }

        return $first === null ? [] : [LogNote::of('gap', $lines[$first], minutes: (int) round(($times[$first] - $times[$first - 1]) / 60.0), count: $gaps)];
    }
}
