<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Shape\Direction;

/** What the tissue did at a point. */
enum Finding: string
{
    case DrawnIn = 'in';
    case Still = 'still';
    case BlownOut = 'out';

    /** Whether air gets past the filters there: a unit that pulls draws it in, one that pushes blows it out. */
    public function leaks(Direction $direction): bool
    {
        return $this === ($direction === Direction::Push ? self::BlownOut : self::DrawnIn);
    }
}
