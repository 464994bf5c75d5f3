<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

/** How infiltration and an unbalanced exhaust are put together. */
enum Reckoning: string
{
    /** sqrt(Qi2 + Qu2): usual practice. */
    case Quadrature = 'quadrature';
    /** Qi + Qu. */
    case Cautious = 'cautious';
}
