<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;

/** A unit as it was chosen, by the ids of shape and parts. */
final readonly class DesignEntry
{
    public const MOST_UNITS = 24;

    private function __construct(public Design $design, public int $units, public ?string $speed)
    {
    }

    /**
     * @param  array<string, mixed>  $fields  shape, fan, filter, prefilter, joining, corners, direction, options, units, speed
     *
     * @throws InvalidEntries with every choice that is at fault
     */
    public static function read(array $fields, Catalogue $catalogue): self
    {
        $faults = new Faults;
        $text = fn (string $field): string => is_string($fields[$field] ?? null) ? $fields[$field] : '';
        $shape = $faults->take(fn (): Shape => Shapes::get($text('shape')));
        $fan = $faults->take(fn (): Fan => $catalogue->fan($text('fan')));
        $filter = $faults->take(fn (): Filter => $catalogue->filter($text('filter')));
        $prefilter = $faults->take(fn (): ?Filter => $text('prefilter') === '' ? null : $catalogue->filter($text('prefilter'), 'unit.prefilter'));
        $joining = $faults->take(fn (): Joining => $catalogue->joining($text('joining')));
        $corners = $faults->take(fn (): Corners => Corners::tryFrom($text('corners')) ?? throw UnknownShape::corners($text('corners')));
        $direction = $faults->take(fn (): ?Direction => $text('direction') === '' ? null : Direction::tryFrom($text('direction')) ?? throw UnknownShape::direction($text('direction')));
        $options = $shape === null ? [] : $faults->take(fn (): array => self::options($shape, $fields['options'] ?? []));
        $units = $faults->take(fn (): int => self::units($fields['units'] ?? 1));
        if ($faults->any() || $shape === null || $fan === null || $filter === null || $joining === null || $corners === null || $units === null) {
            throw $faults->thrown();
        }
        $speed = $text('speed');

        return new self(
            new Design($shape, $fan, $filter, $joining, $corners, $prefilter, $direction, $options ?? [], speed: $speed === '' ? null : $speed),
            $units,
            $speed === '' ? null : $speed,
        );
    }

    /**
     * @return array<string, string>
     *
     * @throws UnknownShape
     */
    public static function options(Shape $shape, mixed $chosen): array
    {
        $known = array_column($shape->options(), null, 'id');
        $options = [];
        foreach (is_array($chosen) ? $chosen : [] as $id => $value) {
            $option = $known[$id] ?? throw UnknownShape::option($shape, (string) $id, array_keys($known));
            $value = is_int($value) ? (string) $value : $value;
            if (! is_string($value) || ! isset($option->choices[$value])) {
                throw UnknownShape::choice($option);
            }
            $options[$option->id] = $value;
        }

        return $options;
    }

    private static function units(mixed $value): int
    {
        return is_int($value) && $value >= 1 && $value <= self::MOST_UNITS ? $value : throw UnknownShape::units(self::MOST_UNITS);
    }
}
