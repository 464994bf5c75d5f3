<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use Jornel\Core\Fault\Invalid;

final class UnreadableEntry extends Invalid
{
    public static function empty(string $field, string $example): self
    {
        return new self($field, "Enter a number, such as $example.");
    }

    public static function notANumber(string $field, string $text, string $example): self
    {
        return new self($field, sprintf('“%s” cannot be read. Write it such as %s.', mb_strimwidth($text, 0, 40, '…'), $example));
    }

    public static function unknownUnit(string $field, string $unit, string $example): self
    {
        return new self($field, sprintf('The unit “%s” is not known here. Write it such as %s.', mb_strimwidth($unit, 0, 20, '…'), $example));
    }

    /** @param  list<string>  $readings */
    public static function ambiguousComma(string $field, string $text, array $readings): self
    {
        return new self($field, sprintf('“%s” can be read in two ways. Is it %s?', $text, implode(' or ', $readings)), $readings);
    }

    public static function outOfRange(string $field, string $what, string $given, string $least, string $most): self
    {
        return new self($field, "$what of $given is outside what is allowed: from $least to $most.");
    }
}
