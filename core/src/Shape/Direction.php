<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** Which way a unit's fan moves the air. */
enum Direction: string
{
    /** Through the filters into the box and out by the fan. */
    case Pull = 'pull';
    /** By the fan into the box and out through the filters. */
    case Push = 'push';

    public function label(): string
    {
        return match ($this) {
            self::Pull => 'Pulls through the filters',
            self::Push => 'Pushes out through the filters',
        };
    }
}
