<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Fault\Invalid;

final class InvalidSetting extends Invalid
{
    public static function currency(): self
    {
        return new self('currency', 'Enter a currency by its three letters, such as EUR.');
    }

    public static function number(string $field, float $least, float $most): self
    {
        return new self($field, sprintf('Enter a number from %g to %g.', $least, $most));
    }
}
