<?php

namespace App\Evidence;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Proof\Level\LevelPlace;

/** Levels that were read at a place that is marked on the plan of the room. */
final readonly class MarkedLevel
{
    /** @param  PlanePoint  $at  m */
    public function __construct(public PlanePoint $at, public LevelPlace $place)
    {
    }
}
