<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** How a fan's shaft may lie: bearings of some fans wear out when it stands upright. */
enum ShaftPosition: string
{
    /** The fan stands and blows to a side. */
    case Horizontal = 'horizontal';
    case Tilted = 'tilted';
    /** The fan lies flat and blows up or down. */
    case Vertical = 'vertical';
}
