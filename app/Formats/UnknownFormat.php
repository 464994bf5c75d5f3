<?php

namespace App\Formats;

use InvalidArgumentException;

final class UnknownFormat extends InvalidArgumentException
{
    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        return new self("There is no format “{$name}”. There are: ".implode(', ', $known).'.');
    }
}
