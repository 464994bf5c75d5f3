<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** Finds the columns that tell the time, and how they tell it. */
final readonly class ClockGuess
{
    /** Share of the lines looked at that a way of reading must read. */
    private const MOST = 0.6;

    /** Numbers that are seconds since 1970, milliseconds since then, or days since 1899: from 2001 to 2065. */
    private const EPOCH = [9.8e8, 3.0e9];

    private const SPREADSHEET = [36900.0, 60300.0];

    /**
     * @param  LogColumn  $time  with the time, or with the date where that stands alone
     * @param  LogColumn|null  $date  with the date, where it stands in a column of its own
     * @param  bool  $isTold  whether the way of reading is told by the file, as against guessed
     */
    private function __construct(public LogColumn $time, public ?LogColumn $date, public Clock $clock, public bool $isTold)
    {
    }

    /** @throws InvalidLog */
    public static function of(LogTable $table, LogChoices $choices): self
    {
        if ($choices->time !== null) {
            $column = $table->columns[$choices->time] ?? throw InvalidLog::choice('time_column', 'unknown-column', array_map(fn (LogColumn $column): string => $column->name, $table->columns));
            $clock = $choices->clock ?? self::clockOf($column->sample, $column->name, $table->hasDecimalComma)[0] ?? throw InvalidLog::choice('clock', 'clock-mismatch');
            self::reads($clock, $column->sample, $table->hasDecimalComma) >= self::MOST || throw InvalidLog::choice('clock', 'clock-mismatch');

            return new self($column, null, $clock, true);
        }
        // Named columns first; then whichever is written like a time.
        $named = array_filter($table->columns, fn (LogColumn $column): bool => in_array($column->kind, [ColumnKind::Time, ColumnKind::Date], true));
        $others = array_filter($table->columns, fn (LogColumn $column): bool => $column->kind === ColumnKind::Other);
        $whole = null;
        foreach ([...$named, ...$others] as $column) {
            $isNamed = in_array($column->kind, [ColumnKind::Time, ColumnKind::Date], true);
            [$clock, $isTold] = self::clockOf($column->sample, $column->name, $table->hasDecimalComma, $isNamed) ?? [null, false];
            if ($clock === null || ($choices->clock !== null && $clock !== $choices->clock)) {
                continue;
            }
            if ($clock === Clock::TimeOfDay) {
                $date = self::dateBeside($table, $column);
                if ($date !== null) {
                    return new self($column, $date[0], $date[1], true);
                }
            }
            $isDateAlone = $clock->unit() === null && $clock !== Clock::TimeOfDay && ! str_contains($column->sample[0], ':');
            $found = new self($column, null, $clock, $isTold);
            if (! $isDateAlone && $clock->hasDate()) {
                return $found;
            }
            $whole ??= $isDateAlone ? null : $found;
        }

        return $whole ?? throw InvalidLog::of('no-time');
    }

    /**
     * A column of dates that goes with one of times of day.
     *
     * @return array{LogColumn, Clock}|null
     */
    private static function dateBeside(LogTable $table, LogColumn $time): ?array
    {
        foreach ($table->columns as $column) {
            if ($column->place === $time->place || $column->numeric > 0.5 && ! str_contains($column->sample[0], '.')) {
                continue;
            }
            foreach ([Clock::Iso, ...self::dayOrMonthFirst($column->sample)] as $clock) {
                if (preg_match('~^\d{1,4}[-./]\d{1,2}[-./]\d{1,4}\.?$~', $column->sample[0]) === 1 && self::reads($clock, $column->sample, false) >= self::MOST) {
                    return [$column, $clock];
                }
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<string>  $sample
     * @return array{Clock, bool}|null with whether that is sure
     */
    private static function clockOf(array $sample, string $name, bool $hasDecimalComma, bool $isNamed = true): ?array
    {
        foreach ([Clock::Iso, Clock::TimeOfDay, ...self::dayOrMonthFirst($sample)] as $clock) {
            if (self::reads($clock, $sample, $hasDecimalComma) >= self::MOST) {
                return [$clock, true];
            }
        }
        $numbers = array_values(array_filter(array_map(fn (string $entry): ?float => LogTable::number($entry, $hasDecimalComma), $sample), fn (?float $number): bool => $number !== null));
        if (count($numbers) < self::MOST * count($sample) || $numbers === []) {
            return null;
        }
        [$least, $most] = [min($numbers), max($numbers)];
        $rises = $numbers === self::sorted($numbers);
        $plain = mb_strtolower($name);

        return match (true) {
            $least >= self::EPOCH[0] && $most <= self::EPOCH[1] => [Clock::Epoch, true],
            $least >= 1000.0 * self::EPOCH[0] && $most <= 1000.0 * self::EPOCH[1] => [Clock::EpochMilliseconds, true],
            $isNamed && $least >= self::SPREADSHEET[0] && $most <= self::SPREADSHEET[1] && $most - $least < 400.0 && $rises => [Clock::SpreadsheetDays, true],
            ! $rises || (! $isNamed && count($numbers) < 3) => null,
            preg_match('/min/u', $plain) === 1 => [Clock::Minutes, true],
            preg_match('/hour|stunde|\(h\)|_h$|^h$/u', $plain) === 1 => [Clock::Hours, true],
            preg_match('/sec|sek|\(s\)|_s$|^s$/u', $plain) === 1 => [Clock::Seconds, true],
            default => [Clock::Seconds, false],
        };
    }

    /**
     * Which of two numbers of a date is the day: whichever is above 12, else the one that changes more; the day where nothing tells.
     *
     * @param  non-empty-list<string>  $sample
     * @return list<Clock>
     */
    private static function dayOrMonthFirst(array $sample): array
    {
        [$first, $second] = [[], []];
        foreach ($sample as $entry) {
            if (preg_match('~^(\d{1,2})[-./](\d{1,2})[-./]\d{2,4}~', $entry, $part) === 1) {
                $first[(int) $part[1]] = true;
                $second[(int) $part[2]] = true;
            }
        }
        $isMonthFirst = match (true) {
            $first === [] || $second === [] => false,
            max(array_keys($second)) > 12 => true,
            max(array_keys($first)) > 12 => false,
            count($first) !== count($second) => count($second) > count($first),
            default => preg_match('/[ap]\.?m/i', $sample[0]) === 1,
        };

        return $isMonthFirst ? [Clock::MonthFirst, Clock::DayFirst] : [Clock::DayFirst, Clock::MonthFirst];
    }

    /** @param  non-empty-list<string>  $sample */
    private static function reads(Clock $clock, array $sample, bool $hasDecimalComma): float
    {
        return count(array_filter($sample, fn (string $entry): bool => $clock->read($clock->unit() !== null && $hasDecimalComma ? strtr($entry, ',', '.') : $entry) !== null)) / count($sample);
    }

    /**
     * @param  list<float>  $numbers
     * @return list<float>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
