<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Knob;

/** How a hand gets at the knob of a fan once the unit is closed: the one rule for bench, finder, guide and kit. */
enum KnobAccess
{
    /** It lies free, or there is none: a remote, a lead, a supply. */
    case Free;
    /** A shroud or a corner piece over it has a cut-out. */
    case CutOut;
    /** A small door in the fan's carton. */
    case Door;
    /** It is closed in: the speed is set first, and the plug switches the unit. */
    case SetFirst;

    public static function of(Design $design): self
    {
        $handling = $design->fan->handling;
        if ($handling->hasRemote || ! in_array($handling->knob, [Knob::Front, Knob::Back, Knob::Top], true)) {
            return self::Free;
        }
        if ($design->option('fan-seat') === 'hanging') {
            return self::SetFirst;
        }
        // A fan that pushes has its front at the filters.
        $isAtFilters = $handling->knob === ($design->direction() === Direction::Push ? Knob::Front : Knob::Back);

        return match (true) {
            $isAtFilters => FanInCarton::isChosen($design) ? self::Door : self::SetFirst,
            $handling->knob === Knob::Front && $design->corners !== Corners::Open => Shroud::knobHole($design->fan) === null && $design->hasShroud() ? self::SetFirst : self::CutOut,
            default => self::Free,
        };
    }
}
