<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Fault\Invalid;

final class InvalidWish extends Invalid
{
    public static function number(string $field, string $text, float $least, float $most): self
    {
        return new self($field, sprintf('“%s” is not a number from %g to %s. Leave it empty for no limit.', mb_strimwidth($text, 0, 20, '…'), $least, number_format($most, 0)));
    }
}
