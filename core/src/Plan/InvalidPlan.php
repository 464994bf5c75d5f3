<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Fault\Invalid;

/** A plan that cannot be that of a room: its outline, a reading of the tape, or what stands in it. */
final class InvalidPlan extends Invalid
{
    public static function outline(string $field, string $why): self
    {
        return new self($field, $why);
    }

    /** Readings of a tape that do not close: what the others leave for a wall, and by how much the tape says otherwise. */
    public static function tape(string $left, string $by, bool $isMore): self
    {
        return new self('length', sprintf(
            'The walls already measured leave %s here; this is %s %s. Measure those that run the same way again, or loosen one of them.',
            $left, $by, $isMore ? 'more' : 'less',
        ), [$left]);
    }

    public static function furnishing(string $field, string $kind): self
    {
        $known = array_map(fn (FurnishingKind $one): string => $one->value, FurnishingKind::cases());

        return new self($field, "“{$kind}” is none of: ".implode(', ', $known).'.', $known);
    }

    /** @param  list<string>  $known */
    public static function edit(string $what, array $known): self
    {
        return new self('edit.what', "“{$what}” is none of: ".implode(', ', $known).'.', $known);
    }

    public static function tooMany(string $field, int $most): self
    {
        return new self($field, "At most {$most} fit on one plan.");
    }
}
