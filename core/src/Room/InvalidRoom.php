<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Fault\Invalid;

final class InvalidRoom extends Invalid
{
    public static function outOfRange(string $field, float $value, float $least, float $most, string $unit): self
    {
        return new self($field, sprintf('%g %s is outside what is allowed: from %g to %g %s.', $value, $unit, $least, $most, $unit));
    }

    public static function flows(string $field, string $why): self
    {
        return new self($field, $why);
    }

    public static function unknownLeakiness(string $id): self
    {
        $known = array_map(fn (Leakiness $leakiness): string => $leakiness->value, Leakiness::cases());

        return new self('room.leakiness', "“{$id}” is none of: ".implode(', ', $known).'.', $known);
    }

    /** @param  list<string>  $known */
    public static function unknownGrade(string $field, string $id, array $known): self
    {
        return new self($field, "“{$id}” is none of: ".implode(', ', $known).'.', $known);
    }

    public static function noName(): self
    {
        return new self('room.name', 'Give the room a name of up to 80 characters, so that others know which one it is.');
    }

    public static function notAWholeNumber(string $field, int $least, int $most): self
    {
        return new self($field, "Enter a whole number from {$least} to {$most}.");
    }

    /** @param  list<string>  $known */
    public static function unknownUse(string $id, array $known): self
    {
        return new self('room.use', "“{$id}” is not a use of a room here.", $known);
    }
}
