<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A sheet under a box. */
final class BasePlate
{
    /** @param  float  $beyond  how far it stands out on every side, m */
    public static function panel(BoxTop $top, Sheet $sheet, float $beyond = 0.0): Panel
    {
        return Panel::rectangle('base', 'Base', $top->width + 2.0 * $beyond, $top->depth + 2.0 * $beyond)->from($sheet->material());
    }

    /** @param  float  $beyond  how far it stands out on every side, m */
    public static function solid(BoxTop $top, Sheet $sheet, float $beyond = 0.0): Solid
    {
        return Solid::box('base', $sheet->drawnAs(), new Point(-$beyond, -$beyond, 0.0), new Point($top->width + $beyond, $top->depth + $beyond, $sheet->thickness()));
    }
}
