<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

use InvalidArgumentException;

final class UnorderedPoints extends InvalidArgumentException
{
    public static function tooFew(int $count): self
    {
        return new self("At least two points are needed, not {$count}.");
    }

    public static function at(int $index, float $before, float $here): self
    {
        return new self(sprintf('Points must rise strictly: point %d, at %g, does not lie beyond %g.', $index + 1, $here, $before));
    }
}
