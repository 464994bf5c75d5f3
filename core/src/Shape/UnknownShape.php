<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Invalid;

final class UnknownShape extends Invalid
{
    /** @param  list<string>  $known */
    public static function named(string $field, string $id, array $known): self
    {
        return new self($field, sprintf('There is no shape “%s”. Choose one of: %s.', mb_strimwidth($id, 0, 40, '…'), implode(', ', $known)), $known);
    }

    public static function corners(string $id): self
    {
        $known = array_map(fn (Corners $corners): string => $corners->value, Corners::cases());

        return new self('unit.corners', sprintf('“%s” is none of: %s.', mb_strimwidth($id, 0, 40, '…'), implode(', ', $known)), $known);
    }

    public static function units(int $most): self
    {
        return new self('unit.units', "Enter a whole number of units from 1 to {$most}.");
    }
}
