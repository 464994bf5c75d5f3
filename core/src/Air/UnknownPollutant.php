<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

use Jornel\Core\Fault\Invalid;

final class UnknownPollutant extends Invalid
{
    /** @param  list<string>  $known */
    public static function named(string $field, string $id, array $known): self
    {
        return new self($field, "“{$id}” is not a pollutant here. Choose one of: ".implode(', ', $known).'.', $known);
    }
}
