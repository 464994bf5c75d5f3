<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

use LogicException;

final class NoSignChange extends LogicException
{
    public static function between(float $low, float $high): self
    {
        return new self(sprintf('The function has the same sign at %g and at %g: no root is bracketed.', $low, $high));
    }
}
