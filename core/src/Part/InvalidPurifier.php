<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Invalid;

final class InvalidPurifier extends Invalid
{
    public static function noName(string $field): self
    {
        return new self($field, 'Enter a name of up to 80 characters.');
    }

    public static function notMoney(string $field): self
    {
        return new self($field, 'Enter a price such as 35 or 34.90.');
    }

    public static function notMonths(string $field, float $least, float $most): self
    {
        return new self($field, sprintf('Filters last from %g to %g months.', $least, $most));
    }
}
