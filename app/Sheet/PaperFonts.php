<?php

namespace App\Sheet;

use Dompdf\Dompdf;
use FontLib\BinaryStream;
use FontLib\Font;
use FontLib\TrueType\File;
use Illuminate\Support\Facades\Cache;
use RuntimeException;

/**
 * The letters of what is printed: DejaVu Sans, of which only those are kept that most papers take. A paper's letters are cut out of
 * the font anew each time, which takes six times as long from the whole of it; papers with other letters have it whole.
 */
final class PaperFonts
{
    /** Latin, Greek and Cyrillic, punctuation, signs of sums, arrows and boxes. */
    private const KEPT = [[0x20, 0x7E], [0xA0, 0x17F], [0x370, 0x3FF], [0x400, 0x45F], [0x2000, 0x2044], [0x2070, 0x209C], [0x20A0, 0x20B8], [0x2100, 0x218B], [0x2190, 0x21FF], [0x2200, 0x226F], [0x2500, 0x2612], [0x2713, 0x2718]];

    private const FAMILY = 'dejavu sans';

    private const STYLES = ['normal' => 'DejaVuSans', 'bold' => 'DejaVuSans-Bold'];

    /** Of the ranges above; another number where they change. */
    private const EDITION = 1;

    /** Gives a paper the letters that its text takes. */
    public static function choose(Dompdf $pdf, string $html): void
    {
        if (! self::suffice($html)) {
            return;
        }
        $metrics = $pdf->getFontMetrics();
        $lean = array_map(fn (string $font): string => self::lean($pdf->getOptions()->getRootDir()."/lib/fonts/{$font}.ttf", $pdf->getOptions()->getFontDir()), self::STYLES);
        $metrics->setFontFamily(self::FAMILY, $lean + $metrics->getFontFamilies()[self::FAMILY]);
    }

    /** Whether a page, with the drawings in it, has no other letters than those that are kept. */
    public static function suffice(string $html): bool
    {
        preg_match_all('~data:image/svg\+xml;base64,([A-Za-z0-9+/=]+)~', $html, $drawings);
        $ranges = implode('', array_map(fn (array $range): string => sprintf('\x{%X}-\x{%X}', ...$range), self::KEPT));

        return preg_match("/[^\\s{$ranges}]/u", implode(' ', [html_entity_decode($html), ...array_map(base64_decode(...), $drawings[1])])) === 0;
    }

    /** @return string the cut-down font, made where it is not there yet; its path without an ending */
    private static function lean(string $whole, string $folder): string
    {
        $path = sprintf('%s/%s-kept-%d', $folder, basename($whole, '.ttf'), self::EDITION);
        if (! is_file("{$path}.ttf") || ! is_file("{$path}.ufm")) {
            Cache::lock("font {$path}", 60)->block(30, fn () => is_file("{$path}.ttf") ? null : self::cutDown($whole, $path));
        }

        return $path;
    }

    private static function cutDown(string $whole, string $path): void
    {
        $letters = implode('', array_map(fn (array $range): string => implode('', array_map(mb_chr(...), range(...$range))), self::KEPT));
        $part = self::font($whole);
        $part->setSubset($letters);
        $part->reduce();
        touch("{$path}.part");
        $part->open("{$path}.part", BinaryStream::modeReadWrite);
        $part->encode(['OS/2']);
        $part->close();
        $kept = self::font("{$path}.part");
        $kept->saveAdobeFontMetrics("{$path}.ufm");
        $kept->close();
        // Whoever sees it finds it whole.
        rename("{$path}.part", "{$path}.ttf");
    }

    private static function font(string $file): File
    {
        $font = Font::load($file) ?? throw new RuntimeException("There is no font in {$file}.");
        $font->parse();

        return $font;
    }
}
