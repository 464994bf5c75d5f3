<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What keeps a unit upright. */
enum Stand: string
{
    /** Nothing but its own foot. */
    case Alone = 'alone';
    /** Two boards across under it, of carton or wood. */
    case Feet = 'feet';
    /** A cord to something that does not move. */
    case Tied = 'tied';
    case Hung = 'hung';
    /** The side of something heavy that its frame leans on. */
    case Leans = 'leans';
    /** A window or a wall that it is fixed in. */
    case Fixed = 'fixed';

    /** How a person says it: `on feet`. */
    public function told(): string
    {
        return match ($this) {
            self::Alone => 'by itself',
            self::Feet => 'on feet',
            self::Tied => 'tied to something firm',
            self::Hung => 'hung up',
            self::Leans => 'leaning on something heavy',
            self::Fixed => 'fixed in place',
        };
    }

    /** Whether only its own foot keeps it from tipping over. */
    public function restsOnItsFoot(): bool
    {
        return $this === self::Alone || $this === self::Feet;
    }
}
