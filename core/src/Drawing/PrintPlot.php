<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;

/** A plot for paper, in black and white, as SVG. */
final class PrintPlot
{
    private const WIDTH = 520.0;

    private const HEIGHT = 250.0;

    /** Around the plot, for numbers and names: left, top, right, bottom. */
    private const EDGES = [52.0, 20.0, 12.0, 34.0];

    /**
     * @param  list<array{points: list<array{float, float}>, width: float, dash: string}>  $lines  SI, over each other
     * @param  list<float>  $marks  upright lines across the whole, SI
     */
    public static function svg(PlotAxis $across, PlotAxis $up, array $lines, array $marks, System $system): string
    {
        [$left, $top, $right, $bottom] = self::EDGES;
        $x = fn (float $value): float => $left + (self::WIDTH - $left - $right) * max(0.0, min(1.0, $value / $across->most));
        $y = fn (float $value): float => self::HEIGHT - $bottom - (self::HEIGHT - $top - $bottom) * max(0.0, min(1.0, $value / $up->most));
        $body = '';
        foreach (self::ticks($across, $system) as [$at, $name]) {
            $body .= sprintf('<path d="M%1$.1f %2$.1fV%3$.1f" stroke="#ccc" stroke-width=".6"/><text x="%1$.1f" y="%4$.1f" font-size="10" text-anchor="middle">%5$s</text>', $x($at), $top, self::HEIGHT - $bottom, self::HEIGHT - $bottom + 13.0, $name);
        }
        foreach (self::ticks($up, $system) as [$at, $name]) {
            $body .= sprintf('<path d="M%1$.1f %2$.1fH%3$.1f" stroke="#ccc" stroke-width=".6"/><text x="%4$.1f" y="%5$.1f" font-size="10" text-anchor="end">%6$s</text>', $left, $y($at), self::WIDTH - $right, $left - 5.0, $y($at) + 3.5, $name);
        }
        foreach ($marks as $mark) {
            $body .= sprintf('<path d="M%.1f %.1fV%.1f" stroke="#000" stroke-width="1" stroke-dasharray="4 3"/>', $x($mark), $top, self::HEIGHT - $bottom);
        }
        foreach ($lines as $line) {
            $path = implode('L', array_map(fn (array $point): string => sprintf('%.1f %.1f', $x($point[0]), $y($point[1])), $line['points']));
            $body .= $path === '' ? '' : sprintf('<path d="M%s" fill="none" stroke="#000" stroke-width="%.1f"%s/>', $path, $line['width'], $line['dash'] === '' ? '' : " stroke-dasharray=\"{$line['dash']}\"");
        }
        $body .= sprintf('<path d="M%1$.1f %2$.1fV%3$.1fH%4$.1f" fill="none" stroke="#000" stroke-width="1.2"/>', $left, $top, self::HEIGHT - $bottom, self::WIDTH - $right);
        $body .= sprintf('<text x="%.1f" y="12" font-size="11">%s, %s</text>', 4.0, $up->name, $up->unit($system)->symbol());
        $body .= sprintf('<text x="%.1f" y="%.1f" font-size="11" text-anchor="end">%s, %s</text>', self::WIDTH - $right, self::HEIGHT - 5.0, $across->name, $across->unit($system)->symbol());

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$.0f" height="%2$.0f" viewBox="0 0 %1$.0f %2$.0f" font-family="DejaVu Sans">%3$s</svg>', self::WIDTH, self::HEIGHT, $body);
    }

    /** @return list<array{float, string}> SI and the number that stands there */
    private static function ticks(PlotAxis $axis, System $system): array
    {
        $unit = $axis->unit($system);

        return array_map(fn (float $mark): array => [$mark, Scale::numeral($unit->fromSi($mark))], Scale::marks($axis->most, $unit));
    }
}
