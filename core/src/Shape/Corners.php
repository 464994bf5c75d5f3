<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What is done about a fan's corners. */
enum Corners: string
{
    /** Nothing: air falls back through the housing's corners, and through windows the housing leaves open. */
    case Open = 'open';
    /** Corner pieces taped over the windows; the housing's own corners still let air fall back. */
    case Taped = 'taped';
    /** A sheet over the outlet, cut to the blade circle: closes both. */
    case Shroud = 'shroud';

    public function label(): string
    {
        return match ($this) {
            self::Open => 'Corners open',
            self::Taped => 'Corner windows taped',
            self::Shroud => 'Shroud',
        };
    }
}
