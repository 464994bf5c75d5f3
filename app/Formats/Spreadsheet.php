<?php

namespace App\Formats;

use RuntimeException;

/** A table as a file for spreadsheets: what people wrote in it stays text, whatever it begins with. */
final class Spreadsheet
{
    /**
     * @param  list<list<string|int|float>>  $rows
     * @param  bool  $isMarked  whether it begins with the mark by which spreadsheets know UTF-8, which other programs trip over
     */
    public static function csv(array $rows, string $endOfLine = "\r\n", bool $isMarked = true): string
    {
        $file = fopen('php://memory', 'w+') ?: throw new RuntimeException('No memory for a file.');
        fwrite($file, $isMarked ? "\u{FEFF}" : '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(self::harmless(...), $row), escape: '', eol: $endOfLine);
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** What begins so would be taken for a formula, wherever in it blanks stand first; numbers stay numbers. */
    private static function harmless(string|int|float $cell): string
    {
        return ! is_numeric($cell) && preg_match('/^\s*[=+\-@＝＋－＠]|^[\t\r\n]/u', mb_scrub((string) $cell)) === 1 ? "'{$cell}" : (string) $cell;
    }
}
