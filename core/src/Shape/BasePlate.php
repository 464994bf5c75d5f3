<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Solid;

/** A sheet under a box. */
final class BasePlate
{
    public static function panel(BoxTop $top): Panel
    {
        return Panel::rectangle('base', 'Base', $top->width, $top->depth);
    }

    public static function solid(BoxTop $top): Solid
    {
        return Solid::box('base', 'board', new Point(0.0, 0.0, 0.0), new Point($top->width, $top->depth, Panel::THICKNESS));
    }

    public static function step(): Step
    {
        return new Step(
            'Tape the base on while the box lies upside down on the bench, then turn the box over.',
            'An untaped base is the longest leak there is.',
            6.0,
            sets: ['base'],
            tools: ['tape'],
            skill: 'taping',
        );
    }
}
