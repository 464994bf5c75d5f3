<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** How a log tells the time. */
enum Clock: string
{
    /** 2026-11-28 14:03:10, with T or a blank, with or without a zone. */
    case Iso = 'iso';
    /** 28.11.2026 14:03, 28/11/2026 14:03:10. */
    case DayFirst = 'day-first';
    /** 11/28/2026 2:03 PM. */
    case MonthFirst = 'month-first';
    /** 14:03 or 14:03:10, no date. */
    case TimeOfDay = 'time-of-day';
    /** Seconds since 1970. */
    case Epoch = 'epoch';
    /** Milliseconds since 1970. */
    case EpochMilliseconds = 'epoch-ms';
    /** Days since the end of 1899, as spreadsheets keep them. */
    case SpreadsheetDays = 'spreadsheet-days';
    case Seconds = 'seconds';
    case Minutes = 'minutes';
    case Hours = 'hours';

    /** Seconds in one of what it counts; null where it is written as a date or a time of day. */
    public function unit(): ?float
    {
        return match ($this) {
            self::Epoch, self::Seconds => 1.0,
            self::EpochMilliseconds => 0.001,
            self::SpreadsheetDays => 86400.0,
            self::Minutes => 60.0,
            self::Hours => 3600.0,
            default => null,
        };
    }

    /** Whether it tells the day too. */
    public function hasDate(): bool
    {
        return in_array($this, [self::Iso, self::DayFirst, self::MonthFirst, self::Epoch, self::EpochMilliseconds, self::SpreadsheetDays], true);
    }

    /** Whether it goes by the clock on the wall, which is set forward and back with the season. */
    public function isLocal(): bool
    {
        return in_array($this, [self::Iso, self::DayFirst, self::MonthFirst, self::SpreadsheetDays], true);
    }

    /** Seconds since 1970 where there is a date, since midnight where there is a time alone; else since the count began. Null where it is none. */
    public function read(string $entry): ?float
    {
        $unit = $this->unit();
        if ($unit !== null) {
            $count = is_numeric($entry) ? (float) $entry : null;

            return $count === null ? null : ($this === self::SpreadsheetDays ? ($count - 25569.0) * $unit : $count * $unit);
        }
        if ($this === self::TimeOfDay) {
            return self::timeOfDay($entry);
        }
        // The date of many lines in a row is the same.
        static $lastDate = '';
        static $lastDay = null;
        static $lastOf = null;
        $end = strcspn($entry, ' T');
        $date = substr($entry, 0, $end);
        if ($date !== $lastDate || $lastOf !== $this) {
            [$lastDate, $lastDay, $lastOf] = [$date, $this->day($date), $this];
        }
        if (! is_int($lastDay)) {
            return null;
        }
        $seconds = $end >= strlen($entry) ? 0.0 : self::timeOfDay(substr($entry, $end + 1));

        return $seconds === null ? null : $lastDay * 86400.0 + $seconds;
    }

    /** Days since 1970 of a date; null where it is none. */
    private function day(string $date): ?int
    {
        if (preg_match('~^(\d{1,4})([-./])(\d{1,2})\2(\d{1,4})\.?$~', $date, $part) !== 1) {
            return null;
        }
        [$a, $b, $c] = [(int) $part[1], (int) $part[3], (int) $part[4]];
        [$year, $month, $day] = match (true) {
            strlen($part[1]) === 4 => [$a, $b, $c],
            $this === self::MonthFirst => [$c, $a, $b],
            $this === self::DayFirst => [$c, $b, $a],
            default => [0, 0, 0],
        };
        $year += $year < 100 && $year > 0 ? 2000 : 0;

        return $year >= 1970 && $year <= 2200 && checkdate($month, $day, $year) ? self::daysSince1970($year, $month, $day) : null;
    }

    /** Seconds of `14:03`, `14:03:10.5`, `2:03 PM`, `14:03:10Z`, `14:03:10+01:00`; a zone is taken off. */
    private static function timeOfDay(string $entry): ?float
    {
        // The usual forms without a pattern, as there may be a hundred thousand of them.
        if (strlen($entry) === 8 && $entry[2] === ':' && $entry[5] === ':' && ctype_digit($entry[0].$entry[1].$entry[3].$entry[4].$entry[6].$entry[7])) {
            [$hour, $minute, $second] = [(int) substr($entry, 0, 2), (int) substr($entry, 3, 2), (int) substr($entry, 6, 2)];

            return $hour < 24 && $minute < 60 && $second < 61 ? $hour * 3600.0 + $minute * 60.0 + $second : null;
        }
        if (preg_match('/^\s*(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*([AaPp])?\.?[Mm]?\.?\s*(Z|[+-]\d{2}:?\d{2})?\s*$/', $entry, $part) !== 1) {
            return null;
        }
        $hour = (int) $part[1];
        $half = strtolower($part[4] ?? '');
        if ($hour > 23 || (int) $part[2] > 59 || ($half !== '' && ($hour < 1 || $hour > 12))) {
            return null;
        }
        $hour = $half === '' ? $hour : $hour % 12 + ($half === 'p' ? 12 : 0);
        $zone = $part[5] ?? '';
        $off = $zone === '' || $zone === 'Z' ? 0 : ((int) substr($zone, 0, 3)) * 3600 + ($zone[0] === '-' ? -1 : 1) * (int) substr($zone, -2) * 60;

        return $hour * 3600.0 + (int) $part[2] * 60.0 + (float) strtr($part[3] ?? '0', ',', '.') - $off;
    }

    /**
     * Source: the proleptic Gregorian calendar counted from 1 March, as in the algorithms of Fliegel and Van Flandern,
     * Communications of the ACM 11 (1968).
     */
    private static function daysSince1970(int $year, int $month, int $day): int
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year, 400);
        $ofEra = $year - $era * 400;
        $ofYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;

        return $era * 146097 + $ofEra * 365 + intdiv($ofEra, 4) - intdiv($ofEra, 100) + $ofYear - 719468;
    }
}
