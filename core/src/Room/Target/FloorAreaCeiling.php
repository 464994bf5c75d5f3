<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

/** Whether a floor-area rule asks for more under a higher ceiling. */
enum FloorAreaCeiling: string
{
    case Scales = 'scales';
    case Ignored = 'ignored';
}
