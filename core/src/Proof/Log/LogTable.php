<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** How a log is laid out: what parts its columns, where its heading ends, what its columns hold. */
final readonly class LogTable
{
    private const DELIMITERS = [';', "\t", ',', '|', ' '];

    /** Where a time of day begins. */
    private const TIME = '/(^|[ T\d.])\d{1,2}:\d{2}/';

    /** Lines that are looked at, from where readings begin. */
    private const LOOKED_AT = 200;

    /** Lines at the head of a file among which its readings must begin. */
    private const HEAD = 200;

    /** Columns of a line that holds readings. */
    private const MOST_COLUMNS = 500;

    /** Values of a column that names the sensor. */
    private const MOST_SENSORS = 12;

    /**
     * @param  non-empty-string  $delimiter
     * @param  bool  $hasQuotes  whether fields may be quoted
     * @param  bool  $hasDecimalComma  whether numbers are written with a comma
     * @param  int  $first  place of the first line with a reading, from 0
     * @param  non-empty-list<LogColumn>  $columns
     */
    private function __construct(public string $delimiter, public bool $hasQuotes, public bool $hasDecimalComma, public int $first, public array $columns)
    {
    }

    /**
     * @param  non-empty-list<string>  $lines
     *
     * @throws InvalidLog
     */
    public static function of(array $lines): self
    {
        [$delimiter, $first] = self::layout($lines);
        $hasQuotes = str_contains(implode('', array_slice($lines, 0, $first + self::LOOKED_AT)), '"');
        $rows = [];
        foreach (array_slice($lines, $first, self::LOOKED_AT) as $line) {
            if (trim($line) !== '') {
                $rows[] = self::split($line, $delimiter, $hasQuotes);
            }
        }
        $at = self::heading($lines, $first);
        $heading = $at === null ? [] : self::split($lines[$at], $delimiter, $hasQuotes);
        $hasDecimalComma = $delimiter !== ',' && self::hasDecimalCommas($rows);
        $columns = [];
        foreach (range(0, max(1, max(array_map(count(...), $rows === [] ? [[]] : $rows))) - 1) as $place) {
            $columns[] = self::column($place, $heading[$place] ?? '', array_map(fn (array $row): string => $row[$place] ?? '', $rows), $hasDecimalComma);
        }

        return new self($delimiter, $hasQuotes, $hasDecimalComma, $at === null ? $first : $at + 1, $columns);
    }

    /**
     * Fields of a line.
     *
     * @param  non-empty-string  $delimiter
     * @return list<string>
     */
    public static function split(string $line, string $delimiter, bool $hasQuotes): array
    {
        return $hasQuotes
            ? array_map(fn (?string $field): string => trim((string) $field), str_getcsv($line, $delimiter, '"', ''))
            : array_map(trim(...), explode($delimiter, $delimiter === ' ' ? (string) preg_replace('/ +/', ' ', trim($line)) : $line));
    }

    /** A number as it is written here; null where it is none. */
    public static function number(string $entry, bool $hasDecimalComma): ?float
    {
        if ($hasDecimalComma) {
            $entry = strtr($entry, ',', '.');
        }

        return is_numeric($entry) && is_finite((float) $entry) ? (float) $entry : null;
    }

    /**
     * The delimiter by which most lines in a row have the same number of fields, a time and a number among them.
     *
     * @param  non-empty-list<string>  $lines
     * @return array{non-empty-string, int}
     */
    private static function layout(array $lines): array
    {
        [$best, $most] = [[',', 0], 0];
        $head = array_slice($lines, 0, self::HEAD + self::LOOKED_AT);
        foreach (self::DELIMITERS as $delimiter) {
            // What has more columns than any meter is no line of readings, and not taken apart.
            $rows = array_map(fn (string $line): array => substr_count($line, $delimiter) >= self::MOST_COLUMNS ? [] : self::split($line, $delimiter, str_contains($line, '"')), $head);
            foreach ($rows as $first => $row) {
                if ($first >= self::HEAD || count($row) < 2 || ! self::isReading($row)) {
                    continue;
                }
                $alike = 0;
                foreach (array_slice($rows, $first, self::LOOKED_AT) as $other) {
                    $alike += count($other) === count($row) && self::isReading($other) ? 1 : 0;
                }
                // A blank parts a date from its time too: it is taken only where nothing else parts the line.
                if ($alike > $most) {
                    [$best, $most] = [[$delimiter, $first], $alike];
                }
                break;
            }
            if ($most > 0 && $delimiter === '|') {
                break;
            }
        }
        if ($most === 0) {
            $first = array_keys(array_filter($lines, fn (string $line): bool => trim($line) !== ''))[0] ?? 0;
            throw InvalidLog::of('no-readings', line: $first + 1, entry: mb_strimwidth(trim($lines[$first] ?? ''), 0, 60, '…'));
        }

        return $best;
    }

    /**
     * Whether a line holds a time, or a second number that may be one, and a number.
     *
     * @param  list<string>  $row
     */
    private static function isReading(array $row): bool
    {
        $numbers = $times = 0;
        foreach ($row as $entry) {
            $numbers += self::number($entry, true) !== null ? 1 : 0;
            $times += preg_match(self::TIME, $entry) === 1 ? 1 : 0;
        }

        return ($times > 0 && $numbers > 0) || ($times === 0 && $numbers > 1 && $numbers === count($row)) || ($numbers > 1 && ctype_digit($row[0]));
    }

    /**
     * Place of the last line before the readings that tells no time: what stands between may be readings that failed.
     *
     * @param  non-empty-list<string>  $lines
     */
    private static function heading(array $lines, int $first): ?int
    {
        for ($at = $first - 1; $at >= 0; $at--) {
            if (trim($lines[$at]) !== '' && preg_match(self::TIME, $lines[$at]) !== 1) {
                return $at;
            }
        }

        return null;
    }

    /** @param  list<list<string>>  $rows */
    private static function hasDecimalCommas(array $rows): bool
    {
        [$commas, $points] = [0, 0];
        foreach ($rows as $row) {
            foreach ($row as $entry) {
                $commas += preg_match('/^-?\d+,\d+$/', $entry) === 1 ? 1 : 0;
                $points += preg_match('/^-?\d+\.\d+$/', $entry) === 1 ? 1 : 0;
            }
        }

        return $commas > $points;
    }

    /** @param  list<string>  $entries */
    private static function column(int $place, string $heading, array $entries, bool $hasDecimalComma): LogColumn
    {
        $count = max(1, count($entries));
        $numeric = count(array_filter($entries, fn (string $entry): bool => self::number($entry, $hasDecimalComma) !== null)) / $count;
        $different = array_values(array_unique($entries));
        $kind = $heading === '' ? ColumnKind::Other : ColumnKind::ofHeading($heading);
        // A heading may be wrong: what holds no numbers holds no readings, what holds numbers of any kind names no sensor.
        $kind = match (true) {
            $kind->isReading() && $numeric < 0.3 => ColumnKind::Other,
            $kind === ColumnKind::Sensor && count($different) > self::MOST_SENSORS => ColumnKind::Other,
            $kind === ColumnKind::Other && $heading === '' && $numeric < 0.1 && count($different) > 1 && count($different) <= self::MOST_SENSORS && count($different) < $count / 2 => ColumnKind::Sensor,
            default => $kind,
        };

        return new LogColumn($place, $heading === '' ? 'column '.($place + 1) : $heading, $kind, $kind->isReading() ? ColumnKind::factorOf($heading) : 1.0, $numeric, count($different), array_slice($different === [] ? [''] : $different, 0, 60));
    }
}
