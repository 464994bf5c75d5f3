<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A sheet under a box. */
final class BasePlate
{
    public static function panel(BoxTop $top, Sheet $sheet): Panel
    {
        return Panel::rectangle('base', 'Base', $top->width, $top->depth)->from($sheet->material());
    }

    public static function solid(BoxTop $top, Sheet $sheet): Solid
    {
        return Solid::box('base', $sheet->drawnAs(), new Point(0.0, 0.0, 0.0), new Point($top->width, $top->depth, $sheet->thickness()));
    }
}
