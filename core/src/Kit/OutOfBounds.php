<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Fault\Invalid;

final class OutOfBounds extends Invalid
{
    /** @throws self */
    public static function unlessBetween(string $field, float $value, float $least, float $most): void
    {
        if (! ($value >= $least && $value <= $most)) {
            throw new self($field, sprintf('%g is outside what is allowed: from %g to %g.', $value, $least, $most));
        }
    }
}
