<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** Bytes of a log, as lines of UTF-8. */
final class LogText
{
    /** The largest log that is read, bytes: some million readings. */
    public const LARGEST = 64_000_000;

    /** Lines that are read: a reading a second for eleven days. */
    public const MOST_LINES = 1_000_000;

    /** Bytes of the longest line that is read. */
    public const LONGEST_LINE = 8192;

    /**
     * Lines without what ends them, each of limited length, in whichever encoding a spreadsheet wrote them.
     *
     * @return non-empty-list<string>
     *
     * @throws InvalidLog
     */
    public static function lines(string $bytes): array
    {
        if (strlen($bytes) > self::LARGEST) {
            throw InvalidLog::of('too-large', megabytes: (int) round(strlen($bytes) / 1e6), most: intdiv(self::LARGEST, 1_000_000));
        }
        $text = self::decoded($bytes);
        if (trim($text) === '') {
            throw InvalidLog::of('empty');
        }
        if (str_contains($text, "\0")) {
            throw InvalidLog::of('no-text');
        }
        if (str_contains($text, "\r")) {
            $text = str_replace(["\r\n", "\r"], "\n", $text);
        }

        $text = rtrim($text, "\n");
        // Counted before they are taken apart: a file of nothing but ends of lines would fill the memory.
        $count = substr_count($text, "\n") + 1;
        if ($count > self::MOST_LINES) {
            throw InvalidLog::of('too-many-lines', count: number_format($count), most: number_format(self::MOST_LINES));
        }
        for ($line = 1, $from = 0; $line <= $count; $line++, $from = $to + 1) {
            $to = $line === $count ? strlen($text) : (int) strpos($text, "\n", $from);
            if ($to - $from > self::LONGEST_LINE) {
                throw InvalidLog::of('line-too-long', line: $line, most: number_format(self::LONGEST_LINE));
            }
        }

        return explode("\n", $text);
    }

    private static function decoded(string $bytes): string
    {
        $encoding = match (true) {
            str_starts_with($bytes, "\xFF\xFE") => 'UTF-16LE',
            str_starts_with($bytes, "\xFE\xFF") => 'UTF-16BE',
            strlen($bytes) > 3 && $bytes[1] === "\0" && $bytes[3] === "\0" => 'UTF-16LE',
            strlen($bytes) > 3 && $bytes[0] === "\0" && $bytes[2] === "\0" => 'UTF-16BE',
            default => null,
        };
        if ($encoding !== null) {
            return ltrim(mb_convert_encoding($bytes, 'UTF-8', $encoding), "\u{FEFF}");
        }
        if (str_starts_with($bytes, "\xEF\xBB\xBF")) {
            $bytes = substr($bytes, 3);
        }

        return mb_check_encoding($bytes, 'UTF-8') ? $bytes : mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252');
    }
}
