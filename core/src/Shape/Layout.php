<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** How four frames stand in a square. */
enum Layout: string
{
    /** Each overlaps the next: a square w + t. */
    case Pinwheel = 'pinwheel';
    /** Two stand between the other two: a rectangle w by w + 2t. */
    case TwoBetweenTwo = 'two-between-two';

    public static function option(): ShapeOption
    {
        return new ShapeOption('layout', 'How the four frames stand', [
            self::Pinwheel->value => 'Pinwheel, each overlapping the next',
            self::TwoBetweenTwo->value => 'Two between two',
        ], self::Pinwheel->value);
    }
}
