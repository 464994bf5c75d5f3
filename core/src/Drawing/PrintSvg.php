<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Quantity\TapeFraction;
use Jornel\Core\Shape\Panel;

/** Drawings for paper: grey tones and lines that a black and white printer keeps. */
final class PrintSvg
{
    /** Grey of each kind in full light, 0 black to 255 white; null for a line only. */
    private const TONES = [
        'filter' => 242, 'media' => 250, 'pleat' => null, 'fan' => 214, 'hole' => 120, 'blade' => 190, 'hub' => 225,
        'guard' => null, 'door' => null, 'board' => 226, 'corrugated' => 238, 'foam' => 246, 'foot' => 150, 'wood' => 205, 'plastic' => 232, 'film' => 245, 'duct' => 200, 'carbon' => 90,
    ];

    /** Side of a usual part, for which letters are sized, mm. */
    private const USUAL_PANEL = 514.0;

    /** A unit as it is seen, with its air and its dimensions. */
    public static function unit(Drawing $drawing): string
    {
        $frame = $drawing->frame;
        $margin = 130.0;
        $body = '';
        foreach ($drawing->strokes as $stroke) {
            $tone = self::TONES[$stroke->kind] ?? null;
            $path = 'M'.implode(' L', array_map(fn (PlanePoint $point): string => "{$point->x},{$point->y}", $stroke->points)).($stroke->closed ? ' Z' : '');
            $grey = $tone === null ? 'none' : sprintf('rgb(%1$d,%1$d,%1$d)', (int) round($tone * (1.0 - 0.45 * $stroke->shade)));
            $body .= sprintf('<path d="%s" fill="%s" stroke="#333" stroke-width="%s"/>', $path, $grey, $tone === null ? '0.7' : '1.6');
        }
        foreach ($drawing->arrows as $arrow) {
            if ($arrow['kind'] !== 'bypass') {
                $body .= self::arrow($arrow['x1'], $arrow['y1'], $arrow['x2'], $arrow['y2']);
            }
        }

        return self::svg($frame['x'] - $margin, $frame['y'] - $margin - 140.0, $frame['width'] + 2.0 * $margin, $frame['height'] + 2.0 * $margin + 140.0, $body);
    }

    /**
     * A step of a guide: what is there in thin lines, what comes new in strong ones; tape and glue black where they run now.
     *
     * @param  list<string>  $lit  parts that the step is about
     */
    public static function step(Drawing $drawing, array $lit): string
    {
        $frame = $drawing->frame;
        $margin = 70.0;
        $body = '';
        // Where nothing comes new the whole is meant.
        $isWhole = $lit === [] && array_filter($drawing->strokes, fn (Stroke $stroke): bool => str_ends_with($stroke->kind, '-new')) === [];
        foreach ($drawing->strokes as $stroke) {
            $isLit = $isWhole || in_array($stroke->part, $lit, true);
            $path = 'M'.implode(' L', array_map(fn (PlanePoint $point): string => "{$point->x},{$point->y}", $stroke->points)).($stroke->closed ? ' Z' : '');
            [$fill, $line, $width] = match (true) {
                str_ends_with($stroke->kind, '-new') => ['#111', '#111', 1.0],
                in_array($stroke->kind, ['tape', 'bead'], true) => ['#bbb', '#888', 0.8],
                ! isset(self::TONES[$stroke->kind]) => ['none', $isLit ? '#333' : '#999', 1.2],
                $isLit => [sprintf('rgb(%1$d,%1$d,%1$d)', (int) round(self::TONES[$stroke->kind] * (1.0 - 0.3 * $stroke->shade))), '#111', $isWhole ? 2.4 : 5.0],
                default => ['#fff', '#555', 2.4],
            };
            $body .= sprintf('<path d="%s" fill="%s" stroke="%s" stroke-width="%s"/>', $path, $fill, $line, $width);
        }
        foreach ($drawing->arrows as $arrow) {
            if ($arrow['kind'] !== 'bypass' && ! $arrow['is_behind']) {
                $body .= self::arrow($arrow['x1'], $arrow['y1'], $arrow['x2'], $arrow['y2']);
            }
        }
        [$left, $top, $right, $bottom] = [$frame['x'], $frame['y'], $frame['x'] + $frame['width'], $frame['y'] + $frame['height']];
        foreach ($drawing->arrows as $arrow) {
            [$left, $top] = [min($left, $arrow['x1'], $arrow['x2']), min($top, $arrow['y1'], $arrow['y2'])];
            [$right, $bottom] = [max($right, $arrow['x1'], $arrow['x2']), max($bottom, $arrow['y1'], $arrow['y2'])];
        }

        return self::svg($left - $margin, $top - $margin, $right - $left + 2.0 * $margin, $bottom - $top + 2.0 * $margin, $body);
    }

    /** A panel to cut, with its hole, its centre and its dimensions in inches. */
    public static function panel(Panel $panel): string
    {
        $w = $panel->width * 1000.0;
        $h = $panel->height * 1000.0;
        // Letters and lines as large on a small part as on a large one.
        $scale = max($w, $h) / self::USUAL_PANEL;
        $size = TapeFraction::nearest($panel->width)->text().'″ × '.TapeFraction::nearest($panel->height)->text().'″';
        $text = fn (float $x, float $y, string $said): string => sprintf('<text x="%.1f" y="%.1f" font-family="DejaVu Sans" font-size="%.1f" text-anchor="middle">%s</text>', $x, $y, 34.0 * $scale, $said);
        $corners = implode(' ', array_map(fn (PlanePoint $corner): string => sprintf('%.1f,%.1f', $corner->x * 1000.0, $h - $corner->y * 1000.0), $panel->outline));
        $line = sprintf('%.1f', 4.0 * $scale);
        $body = sprintf('<polygon points="%s" fill="#eee" stroke="#222" stroke-width="%s"/>', $corners, $line);
        if ($panel->hole !== null) {
            $body .= sprintf('<line x1="0" y1="0" x2="%1$.1f" y2="%2$.1f" stroke="#888" stroke-width="1.5"/><line x1="%1$.1f" y1="0" x2="0" y2="%2$.1f" stroke="#888" stroke-width="1.5"/>', $w, $h);
        }
        foreach ($panel->holes as $hole) {
            [$x, $y] = [$hole->x * 1000.0, $h - $hole->y * 1000.0];
            $body .= $hole->isRound
                ? sprintf('<circle cx="%.1f" cy="%.1f" r="%.1f" fill="#fff" stroke="#222" stroke-width="%s"/>', $x, $y, $hole->width * 500.0, $line)
                : sprintf('<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="#fff" stroke="#222" stroke-width="%s"/>', $x - $hole->width * 500.0, $y - $hole->height * 500.0, $hole->width * 1000.0, $hole->height * 1000.0, $line);
        }
        if ($panel->hole !== null) {
            $body .= $text($w / 2.0, $h / 2.0 - 16.0 * $scale, 'hole '.TapeFraction::nearest($panel->hole)->text().'″');
            $body .= $text($w / 2.0, $h / 2.0 + 44.0 * $scale, 'centre '.TapeFraction::nearest($panel->width / 2.0)->text().'″');
        } elseif ($panel->holes === [] && $panel->isRectangle() && $h > 90.0 * $scale) {
            $body .= $text($w / 2.0, $h / 2.0, 'no hole');
        }
        $body .= $text($w / 2.0, $h + 46.0 * $scale, $size);
        // A narrow part is narrower than what is written under it.
        $beside = max(10.0 * $scale, (22.0 * $scale * mb_strlen($size) - $w) / 2.0);

        return self::svg(-$beside, -10.0 * $scale, $w + 2.0 * $beside, $h + 70.0 * $scale, $body);
    }

    private static function arrow(float $x1, float $y1, float $x2, float $y2): string
    {
        $length = max(1.0, hypot($x2 - $x1, $y2 - $y1));
        [$ux, $uy] = [($x2 - $x1) / $length, ($y2 - $y1) / $length];
        $tip = 46.0;
        [$bx, $by] = [$x2 - $ux * $tip, $y2 - $uy * $tip];

        return sprintf('<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="#111" stroke-width="12"/>', $x1, $y1, $bx, $by)
            .sprintf('<polygon points="%.1f,%.1f %.1f,%.1f %.1f,%.1f" fill="#111"/>', $x2, $y2, $bx - $uy * 26.0, $by + $ux * 26.0, $bx + $uy * 26.0, $by - $ux * 26.0);
    }

    private static function svg(float $x, float $y, float $width, float $height, string $body): string
    {
        // The origin is moved to the corner: some readers of SVG do not heed the first two figures of a view box.
        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.1f" height="%2$.1f" viewBox="0 0 %1$.1f %2$.1f"><g transform="translate(%3$.1f,%4$.1f)">%5$s</g></svg>', $width, $height, -$x, -$y, $body);
    }
}
