<?php

namespace App\Http\Resources;

/** Points on a pair of axes, shares of both from the lower left, as the data of an SVG path from the upper left. */
final class PlotPath
{
    /** @param  list<array{float, float}>  $points */
    public static function of(array $points): string
    {
        return 'M'.implode('L', array_map(fn (array $point): string => sprintf('%.4f %.4f', $point[0], 1.0 - $point[1]), $points));
    }
}
