<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/** A ratio of two figures of which the second may be nothing. */
final class Ratio
{
    /**
     * @param  float  $over  zero or more
     * @return float|null null where there is nothing to divide by
     */
    public static function of(float $value, float $over): ?float
    {
        return $over > 0.0 ? $value / $over : null;
    }
}
