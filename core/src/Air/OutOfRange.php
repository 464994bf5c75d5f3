<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

use Jornel\Core\Fault\Invalid;

final class OutOfRange extends Invalid
{
    /** @throws self */
    public static function unlessBetween(string $field, float $value, float $least, float $most, string $unit): void
    {
        if (! ($value >= $least && $value <= $most)) {
            throw new self($field, sprintf('%g %s is outside what is allowed: from %g to %g %s.', $value, $unit, $least, $most, $unit));
        }
    }
}
