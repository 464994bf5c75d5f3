<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Faults;
use Jornel\Core\InvalidEntries;
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
     * @param  array<string, mixed>  $fields  shape, fan, filter, joining, corners, units, speed
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
        $joining = $faults->take(fn (): Joining => $catalogue->joining($text('joining')));
        $corners = $faults->take(fn (): Corners => Corners::tryFrom($text('corners')) ?? throw UnknownShape::corners($text('corners')));
        $units = $faults->take(fn (): int => self::units($fields['units'] ?? 1));
        if ($shape === null || $fan === null || $filter === null || $joining === null || $corners === null || $units === null) {
            throw $faults->thrown();
        }
        $speed = $text('speed');

        return new self(new Design($shape, $fan, $filter, $joining, $corners), $units, $speed === '' ? null : $speed);
    }

    private static function units(mixed $value): int
    {
        return is_int($value) && $value >= 1 && $value <= self::MOST_UNITS ? $value : throw UnknownShape::units(self::MOST_UNITS);
    }
}
