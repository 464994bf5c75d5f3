<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Quantity\Texts;

/** A log that cannot be read: says in which line and why. */
final class InvalidLog extends Invalid
{
    private const FIELD = 'csv';

    public static function of(string $why, string|int ...$gaps): self
    {
        return new self(self::FIELD, Texts::of('log')->tell($why, ...$gaps));
    }

    /**
     * A choice that does not go with the file.
     *
     * @param  list<string>  $choices  that would
     */
    public static function choice(string $field, string $why, array $choices = []): self
    {
        return new self($field, Texts::of('log')->tell($why, choices: implode(', ', $choices)), $choices);
    }
}
