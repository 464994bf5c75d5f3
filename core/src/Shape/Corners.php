<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\BuiltInShroud;
use Jornel\Core\Part\Fan;

/**
 * What is done about a fan's corners, and what that leaves open: the one rule for every shape.
 *
 * A ring in line with the blades has the recirculation of a shrouded fan already; a plate in front does what tape over the
 * front corners does. Neither covers what the housing leaves open of a larger filter or box: that is a collar's.
 */
enum Corners: string
{
    /** Nothing: air falls back through the housing's corners, and through windows the housing leaves open. */
    case Open = 'open';
    /** Tape or carton triangles over the front corners: windows closed, about a third of the recirculation left. */
    case Taped = 'taped';
    /** A sheet over the outlet, cut to the blade circle: closes both. */
    case Shroud = 'shroud';

    public function label(): string
    {
        return match ($this) {
            self::Open => 'Corners open',
            self::Taped => 'Front corners taped',
            self::Shroud => 'Shroud',
        };
    }

    /** @return float m2 through which air falls back inside the fan's housing */
    public function recirculation(Fan $fan): float
    {
        $areas = $fan->recirculation;

        return match (true) {
            $this === self::Shroud, $areas->builtIn === BuiltInShroud::Ring => $areas->shrouded,
            $this === self::Taped, $areas->builtIn === BuiltInShroud::Plate => $areas->taped,
            default => $areas->open,
        };
    }

    /**
     * Whether they change nothing for a fan that has a ring in line with its blades already, so that the sheet over it would be
     * sold for nothing.
     *
     * @param  Design  $open  that fits, with open corners
     */
    public function areNeedless(Design $open): bool
    {
        return $this !== self::Open && $open->fan->recirculation->builtIn === BuiltInShroud::Ring
            // Round housings and small fans leave no windows that a sheet could close.
            && ($open->fan->body->isRound() || $open->fan->handling->holePitch !== null
                || $open->made($this, $open->joining)->assemble()->openArea() >= $open->assemble()->openArea() - 1e-12);
    }

    /** Whether the windows that rounded corners of the housing leave are closed. */
    public function closeWindows(Fan $fan): bool
    {
        return $this !== self::Open || $fan->recirculation->builtIn === BuiltInShroud::Plate;
    }
}
