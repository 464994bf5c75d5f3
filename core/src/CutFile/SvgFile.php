<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Geometry\PlanePoint;

/** A drawing as SVG: one user unit is a millimetre, its layers are groups by name, its page is as large as what is drawn. */
final class SvgFile
{
    /** Round the drawing, mm. */
    private const EDGE = 5.0;

    /** Height of a line of the heading, mm. */
    private const LINE = 6.0;

    public static function of(CutDrawing $drawing): string
    {
        [$left, $low, $right, $high] = $drawing->extent();
        $head = self::LINE * count($drawing->heading);
        $width = 1000.0 * ($right - $left) + 2.0 * self::EDGE;
        $height = 1000.0 * ($high - $low) + 2.0 * self::EDGE + $head;
        $x = fn (PlanePoint $at): string => self::number(1000.0 * ($at->x - $left) + self::EDGE);
        $y = fn (PlanePoint $at): string => self::number(1000.0 * ($high - $at->y) + self::EDGE + $head);
        $groups = '';
        foreach (Layer::cases() as $layer) {
            $inside = '';
            foreach ($drawing->lines as $line) {
                if ($line['layer'] === $layer) {
                    $points = implode(' ', array_map(fn (PlanePoint $at): string => $x($at).','.$y($at), $line['corners']));
                    $inside .= sprintf('<%s points="%s"/>', $line['closed'] ? 'polygon' : 'polyline', $points);
                }
            }
            foreach ($drawing->circles as $circle) {
                if ($circle['layer'] === $layer) {
                    $inside .= sprintf('<circle cx="%s" cy="%s" r="%s"/>', $x($circle['middle']), $y($circle['middle']), self::number(1000.0 * $circle['radius']));
                }
            }
            foreach ($layer === Layer::Text ? $drawing->texts : [] as $text) {
                $inside .= sprintf(
                    '<text x="%s" y="%s" font-size="%s"%s dy="0.35em">%s</text>',
                    $x($text['at']), $y($text['at']), self::number(1400.0 * $text['height']), $text['middle'] ? ' text-anchor="middle"' : '', self::escaped($text['text']),
                );
            }
            foreach ($layer === Layer::Text ? $drawing->heading : [] as $number => $line) {
                $inside .= sprintf('<text x="%s" y="%s" font-size="4.5">%s</text>', self::number(self::EDGE), self::number(self::LINE * ($number + 1)), self::escaped($line));
            }
            $dashes = $layer->dashes() === '' ? '' : sprintf(' stroke-dasharray="%s"', $layer->dashes());
            $groups .= $layer === Layer::Text
                ? sprintf('<g id="%s" fill="%s" font-family="sans-serif">%s</g>', $layer->value, $layer->hex(), $inside)
                : sprintf('<g id="%s" fill="none" stroke="%s" stroke-width="0.25"%s>%s</g>', $layer->value, $layer->hex(), $dashes, $inside);
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'."\n".'<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="0 0 %1$s %2$s"><title>%3$s</title>%4$s</svg>'."\n",
            self::number($width), self::number($height), self::escaped(implode(', ', $drawing->heading)), $groups,
        );
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(sprintf('%.4f', $value), '0'), '.');
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }
}
