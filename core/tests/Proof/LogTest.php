<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Closure;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Log\Clock;
use Jornel\Core\Proof\Log\InvalidLog;
use Jornel\Core\Proof\Log\LogChoices;
use Jornel\Core\Proof\Log\LogLimits;
use Jornel\Core\Proof\Log\LogNote;
use Jornel\Core\Proof\Log\LogText;
use Jornel\Core\Proof\Log\ReadLog;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Logs as meters and spreadsheets write them: read, or refused with line and reason. */
final class LogTest extends TestCase
{
    /** 24 November 2025, 16:00 UTC. */
    private const BEGAN = 1764000000;

    private const ROWS = 40;

    /** @param  Closure(int, float): string  $row  of seconds and µg/m3 */
    private static function csv(string $head, Closure $row): string
    {
        $lines = $head === '' ? [] : [$head];
        for ($i = 0; $i < self::ROWS; $i++) {
            $lines[] = $row(60 * $i, 5.0 + 100.0 * exp(-$i / 10.0));
        }

        return implode("\n", $lines)."\n";
    }

    private static function stamp(string $format, int $seconds): string
    {
        return gmdate($format, self::BEGAN + $seconds);
    }

    /** @return iterable<string, array{string, Clock}> */
    public static function written(): iterable
    {
        $comma = fn (float $value): string => str_replace('.', ',', (string) round($value, 3));
        yield 'date and time, comma' => [self::csv('time,pm25', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).",{$v}"), Clock::Iso];
        yield 'ISO with zone, semicolon, the reading last' => [self::csv('timestamp;PM1;PM10;PM2.5 (µg/m³)', fn (int $t, float $v): string => self::stamp('Y-m-d\TH:i:s\Z', $t).";1;9;{$v}"), Clock::Iso];
        yield 'date and time apart, decimal comma, Latin letters' => [mb_convert_encoding(self::csv('Datum;Uhrzeit;Feinstaub PM2,5 (µg/m³);Temperatur (°C)', fn (int $t, float $v): string => self::stamp('d.m.Y;H:i:s', $t).";{$comma($v)};21,5"), 'Windows-1252'), Clock::DayFirst];
        yield 'month first, afternoon, UTF-16, tabs' => ["\xFF\xFE".mb_convert_encoding(self::csv("Time\tPM2.5", fn (int $t, float $v): string => self::stamp('m/d/Y h:i A', $t)."\t{$v}"), 'UTF-16LE'), Clock::MonthFirst];
        yield 'quoted, reading before the time' => [self::csv('"PM 2.5","Created at"', fn (int $t, float $v): string => "\"{$v}\",\"".self::stamp('Y-m-d H:i:s', $t).'"'), Clock::Iso];
        yield 'time of day, past midnight' => [self::csv('time,pm2_5', fn (int $t, float $v): string => gmdate('H:i', 85800 + $t).",{$v}"), Clock::TimeOfDay];
        yield 'seconds since 1970' => [self::csv('ts,pm25', fn (int $t, float $v): string => (self::BEGAN + $t).",{$v}"), Clock::Epoch];
        yield 'milliseconds since 1970, no heading' => [self::csv('', fn (int $t, float $v): string => (1000 * (self::BEGAN + $t)).",{$v}"), Clock::EpochMilliseconds];
        yield 'minutes, in milligrams' => [self::csv('minutes,PM2.5 mg/m3', fn (int $t, float $v): string => ($t / 60).','.($v / 1000.0)), Clock::Minutes];
        yield 'a spreadsheet’s days' => [self::csv('Datum;PM2.5', fn (int $t, float $v): string => str_replace('.', ',', sprintf('%.8f', 45985.0 + 2.0 / 3.0 + $t / 86400.0)).";{$comma($v)}"), Clock::SpreadsheetDays];
        yield 'seconds, blanks, no heading' => [self::csv('', fn (int $t, float $v): string => "{$t}   {$v}"), Clock::Seconds];
        yield 'a heading of several lines' => ["Report of meter 12\r\nSerial;AB-1\r\n\r\nExported;2026-11-20\r\nTime;PM1;PM2.5;PM10;RH %\r\n".str_replace("\n", "\r\n", self::csv('', fn (int $t, float $v): string => self::stamp('Y-m-d H:i', $t).";1;{$v};{$v};40")), Clock::Iso];
        yield 'newest first' => [implode("\n", ['time,pm25', ...array_reverse(explode("\n", trim(self::csv('', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).",{$v}"))))]), Clock::Iso];
    }

    #[DataProvider('written')]
    public function test_a_log_is_read_whichever_way_it_is_written(string $bytes, Clock $clock): void
    {
        $log = ReadLog::of($bytes);

        self::assertSame($clock, $log->clock->clock);
        self::assertSame(self::ROWS, $log->series->count());
        self::assertEqualsWithDelta(60.0 * (self::ROWS - 1), $log->series->duration(), 0.01);
        self::assertEqualsWithDelta(105.0, $log->series->values[0], 0.01);
        self::assertEqualsWithDelta(5.0 + 100.0 * exp(-3.9), $log->series->values[self::ROWS - 1], 0.01);
        if ($clock->hasDate()) {
            self::assertEqualsWithDelta(self::BEGAN, $log->began, 1.0);
        }
    }

    /** @return iterable<string, array{string, string, int, int}> text, code and line of the note, readings left */
    public static function odd(): iterable
    {
        $plain = self::csv('time,pm25', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).','.round($v, 2));
        $lines = explode("\n", trim($plain));
        $with = fn (array $changed): string => implode("\n", array_replace($lines, $changed))."\n";
        yield 'text in a number' => [$with([5 => self::stamp('Y-m-d H:i:s', 240).',ERR']), 'left-out', 6, 39];
        yield 'the first reading failed' => [$with([1 => self::stamp('Y-m-d H:i:s', 0).',--']), 'left-out', 2, 39];
        yield 'a line of nothing but commas' => [$with([9 => ',']), 'left-out', 10, 39];
        yield 'a line out of order' => [$with([5 => $lines[6], 6 => $lines[5]]), 'out-of-order', 7, 40];
        yield 'a time that comes twice' => [$plain.self::stamp('Y-m-d H:i:s', 39 * 60).",9\n", 'repeated', 42, 40];
        yield 'a gap' => [implode("\n", [...array_slice($lines, 0, 21), ...array_map(fn (int $i): string => self::stamp('Y-m-d H:i:s', 7200 + 60 * $i).',6', range(0, 19))]), 'gap', 22, 40];
        yield 'readings below zero' => [$with([8 => self::stamp('Y-m-d H:i:s', 420).',-0.3']), 'negative', 9, 40];
        yield 'a clock without seconds' => [self::csv('time,pm25', fn (int $t, float $v): string => gmdate('H:i', 36000 + intdiv($t, 6)).",{$v}"), 'spread', 3, 40];
        yield 'another heading' => [self::csv('time,value', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).",{$v}"), 'guessed-value', 2, 40];
        yield 'two sensors in turn' => [self::csv('device,time,pm25', fn (int $t, float $v): string => 'hall,'.self::stamp('Y-m-d H:i:s', $t).",{$v}\nkitchen,".self::stamp('Y-m-d H:i:s', $t).',3'), 'sensors', 2, 40];
    }

    #[DataProvider('odd')]
    public function test_what_is_odd_is_told_with_its_line_and_the_rest_is_read(string $bytes, string $code, int $line, int $readings): void
    {
        $log = ReadLog::of($bytes);
        $notes = array_values(array_filter($log->notes, fn (LogNote $note): bool => $note->code === $code));

        self::assertSame([[$code, $line]], array_map(fn (LogNote $note): array => [$note->code, $note->line], $notes));
        self::assertStringNotContainsString('{', $notes[0]->text);
        self::assertSame($readings, $log->series->count());
    }

    /** Europe: 25 October 2026, 03:00 becomes 02:00; 29 March 2026, 02:00 becomes 03:00. */
    public function test_a_clock_that_is_set_in_summer_and_winter_does_not_stop_the_log(): void
    {
        $autumn = gmmktime(2, 40, 0, 10, 25, 2026);
        $spring = gmmktime(1, 40, 0, 3, 29, 2026);
        foreach ([['clock-back', $autumn, -3600], ['clock-forward', $spring, 3600]] as [$code, $began, $shift]) {
            $log = ReadLog::of(self::csv('time,pm25', fn (int $t, float $v): string => gmdate('d.m.Y H:i:s', $began + $t + ($t >= 1200 ? $shift : 0)).",{$v}"));

            self::assertSame([[$code, 22]], array_map(fn (LogNote $note): array => [$note->code, $note->line], $log->notes));
            self::assertEqualsWithDelta(2340.0, $log->series->duration(), 0.01);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'nothing' => ["  \n\n", 'empty'];
        yield 'words' => ["hello\nworld\n", 'Line 1'];
        yield 'a spreadsheet’s own file' => ["PK\0\0\x03abc\0def,1\n", 'no text file'];
        yield 'no time' => ["pm25\n12\n13\n14\n", 'Line 1'];
        yield 'mostly failures' => ["time,pm25\n".implode("\n", array_map(fn (int $i): string => self::stamp('Y-m-d H:i:s', 60 * $i).','.($i % 3 === 0 ? $i : 'n/a'), range(0, 29))), 'line 3'];
        yield 'too large' => [str_repeat('2026-01-01 00:00:00,1'."\n", intdiv(LogText::LARGEST, 22) + 10), 'MB'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_refused_with_the_reason(string $bytes, string $reason): void
    {
        try {
            ReadLog::of($bytes);
            self::fail('It was read.');
        } catch (InvalidLog $fault) {
            self::assertStringContainsString($reason, $fault->getMessage());
            self::assertStringNotContainsString('{', $fault->getMessage());
        }
    }

    /** @return iterable<string, array{string, int}> bytes, line */
    public static function beyond(): iterable
    {
        $lines = fn (string ...$odd): string => "s,pm25\n0,12\n60,13\n".implode("\n", $odd)."\n";
        yield 'a reading that no meter tells' => [$lines('120,1e308', '180,12'), 4];
        yield 'one below all that drifts' => [$lines('120,14', '180,-20000'), 5];
        yield 'a time years later' => [$lines('120,14', '9e9,12'), 5];
        yield 'two within a thousandth of a second' => [$lines('120,14', '120.0001,12'), 5];
        yield 'a year that is none of a clock' => ["time,pm25\n2199-01-01 10:00:00,12\n2199-01-01 10:01:00,13\n", 2];
        yield 'a line without end' => [$lines('120,14', str_repeat('x', LogText::LONGEST_LINE + 1)), 5];
    }

    #[DataProvider('beyond')]
    public function test_what_cannot_be_kept_as_it_is_is_refused_with_its_line(string $bytes, int $line): void
    {
        $this->expectException(InvalidLog::class);
        $this->expectExceptionMessageMatches("/^Line {$line}\\b/");
        ReadLog::of($bytes);
    }

    /** @return iterable<string, array{string}> */
    public static function flooding(): iterable
    {
        yield 'ends of lines' => [str_repeat("1\n", 12_000_000)];
        yield 'nothing but commas' => [str_repeat(',', 24_000_000)];
        yield 'thousands of columns' => [str_repeat(str_repeat('1,', 4000)."\n", 2900)];
    }

    #[DataProvider('flooding')]
    public function test_a_file_that_would_flood_the_memory_is_refused_before_it_is_taken_apart(string $bytes): void
    {
        $before = memory_get_usage();
        memory_reset_peak_usage();
        try {
            ReadLog::of($bytes);
            self::fail('It was read.');
        } catch (InvalidLog) {
            self::assertLessThan(3 * strlen($bytes), memory_get_peak_usage() - $before);
        }
    }

    public function test_a_series_says_where_it_cannot_be_kept(): void
    {
        self::assertNull(LogLimits::firstFault(new ParticleSeries([0.0, 0.001, 60.0], [1.0, -2.0, 3.5])));
        foreach ([[[0.0, 0.0], [1.0, 1.0]], [[0.0, -1.0], [1.0, 1.0]], [[0.0, 1.0], [1.0, INF]], [[0.0, 1.0], [1.0, NAN]], [[0.0, 4e7], [1.0, 1.0]]] as [$times, $values]) {
            self::assertSame(1, LogLimits::firstFault(new ParticleSeries($times, $values)));
        }
    }

    public function test_what_was_guessed_can_be_told_otherwise(): void
    {
        $bytes = self::csv('device,local,sent,pm25,pm10', fn (int $t, float $v): string => ($t % 120 === 0 ? 'hall' : 'kitchen').','.self::stamp('d/m/Y H:i:s', $t).','.(2 * $t).",{$v},".(2.0 * $v));
        $log = ReadLog::of($bytes, new LogChoices(time: 2, value: 4, clock: Clock::Minutes, sensor: 'kitchen'));

        self::assertSame(20, $log->series->count());
        self::assertEqualsWithDelta(2.0 * (5.0 + 100.0 * exp(-0.1)), $log->series->values[0], 0.01);
        self::assertEqualsWithDelta(60.0 * 2.0 * 38.0 * 60.0, $log->series->duration(), 1.0);
        self::assertSame(['hall', 'kitchen'], $log->sensors);
    }

    public function test_a_choice_that_does_not_go_with_the_file_is_told_at_its_field(): void
    {
        $bytes = self::csv('time,pm25', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).",{$v}");
        foreach ([['time_column', new LogChoices(time: 7)], ['value_column', new LogChoices(value: 7)], ['clock', new LogChoices(time: 0, clock: Clock::Epoch)], ['sensor', new LogChoices(sensor: 'attic')]] as [$field, $choices]) {
            try {
                ReadLog::of($bytes, $choices);
                self::fail("{$field} was taken.");
            } catch (InvalidLog $fault) {
                self::assertSame($field, $fault->field);
            }
        }
    }

    public function test_rubbish_is_never_worse_than_refused(): void
    {
        $simulated = new Simulated(21);
        $plain = self::csv('time,pm25', fn (int $t, float $v): string => self::stamp('Y-m-d H:i:s', $t).",{$v}");
        $read = 0;
        for ($case = 0; $case < 300; $case++) {
            $bytes = $plain;
            for ($i = 0; $i < 8; $i++) {
                $bytes[(int) ($simulated->uniform() * strlen($bytes))] = chr((int) ($simulated->uniform() * 256.0));
            }
            try {
                $read += ReadLog::of($bytes)->series->count() > 0 ? 1 : 0;
            } catch (InvalidLog) {
                // Refused with a reason.
            }
        }

        self::assertGreaterThan(50, $read);
    }
}
