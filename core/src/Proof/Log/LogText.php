<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** Bytes of a log, as lines of UTF-8. */
final class LogText
{
    /** The largest log that is read, bytes: some million readings. */
    public const LARGEST = 64_000_000;

    /**
     * Lines without what ends them, in whichever encoding a spreadsheet wrote them.
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

        return explode("\n", rtrim($text, "\n"));
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
