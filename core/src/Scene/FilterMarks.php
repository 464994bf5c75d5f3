<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Closure;
use Jornel\Core\Part\Filter;

/** What is drawn on the dirty side of a framed filter: media inside the rim, its pleats, and the arrow of the air. */
final class FilterMarks
{
    /**
     * @param  Frame  $frame  origin at the frame's lower left corner
     * @param  float  $width  of the filter along u, m
     * @param  float  $height  along v, m
     * @return Closure(): list<Mark>
     */
    public static function on(Filter $filter, Frame $frame, float $width, float $height): Closure
    {
        return fn (): array => self::drawn($filter, $frame, $width, $height);
    }

    /** @return list<Mark> */
    private static function drawn(Filter $filter, Frame $frame, float $width, float $height): array
    {
        $rim = $filter->rim;
        $marks = [new Mark('media', [
            $frame->at($rim, $rim), $frame->at($width - $rim, $rim), $frame->at($width - $rim, $height - $rim), $frame->at($rim, $height - $rim),
        ], true)];
        for ($u = $rim + $filter->pleatPitch; $u < $width - $rim - $filter->pleatPitch / 4.0; $u += $filter->pleatPitch) {
            $marks[] = new Mark('pleat', [$frame->at($u, $rim), $frame->at($u, $height - $rim)], false);
        }

        return $marks;
    }
}
