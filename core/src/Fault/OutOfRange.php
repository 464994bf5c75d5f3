<?php

declare(strict_types=1);

namespace Jornel\Core\Fault;

/** A number outside what is allowed, in the unit that both are told in. */
final class OutOfRange extends Invalid
{
    public static function of(string $field, float $value, float $least, float $most, string $unit): self
    {
        return new self($field, sprintf('%g %s is outside what is allowed: from %g to %g %s.', $value, $unit, $least, $most, $unit));
    }

    /** @throws self */
    public static function unlessBetween(string $field, float $value, float $least, float $most, string $unit): void
    {
        if (! ($value >= $least && $value <= $most)) {
            throw self::of($field, $value, $least, $most, $unit);
        }
    }
}
