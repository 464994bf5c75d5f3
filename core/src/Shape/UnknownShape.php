<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Fault\Invalid;

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

    public static function direction(string $id): self
    {
        $known = array_map(fn (Direction $direction): string => $direction->value, Direction::cases());

        return new self('unit.direction', sprintf('“%s” is none of: %s.', mb_strimwidth($id, 0, 40, '…'), implode(', ', $known)), $known);
    }

    /** @param  list<int|string>  $known */
    public static function option(Shape $shape, string $id, array $known): self
    {
        return new self("unit.options.{$id}", $known === []
            ? sprintf('%s: this shape has no options.', $shape->name())
            : sprintf('%s: this shape has no such option. It has: %s.', $shape->name(), implode(', ', $known)));
    }

    public static function choice(ShapeOption $option): self
    {
        $known = array_map(strval(...), array_keys($option->choices));

        return new self("unit.options.{$option->id}", 'Choose one of: '.implode(', ', $known).'.', $known);
    }

    public static function units(int $most): self
    {
        return new self('unit.units', "Enter a whole number of units from 1 to {$most}.");
    }
}
