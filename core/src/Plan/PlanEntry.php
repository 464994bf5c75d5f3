<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Fault\OutOfRange;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** The plan of a room as a person drew it: three readings of a rectangle or corners, and what stands in it. */
final readonly class PlanEntry
{
    public const MOST_CORNERS = 60;

    public const MOST_FURNISHINGS = 80;

    /** How far from the origin of the sheet something may be drawn, m. */
    private const SHEET = 500.0;

    /** @param  array<string, mixed>  $fields  length, width, height, outline, furnishings */
    public function __construct(private array $fields, private System $system)
    {
    }

    /** @throws InvalidEntries with every field that is at fault */
    public function plan(): FloorPlan
    {
        $faults = new Faults;

        return $this->read($faults) ?? throw $faults->thrown();
    }

    /** Null with the faults noted where something cannot be read. */
    public function read(Faults $faults): ?FloorPlan
    {
        $rows = $this->rows('outline');
        if ($rows === []) {
            return $this->rectangle($faults);
        }
        $height = $faults->take($this->level(...));
        $furnishings = $faults->take(fn (): array => $this->furnishings());
        if (count($rows) > self::MOST_CORNERS) {
            $faults->take(fn (): never => throw InvalidPlan::tooMany('room.outline', self::MOST_CORNERS));

            return null;
        }
        $heights = $faults->take(fn (): array => array_map(fn (array $row, int $i): float => $this->ceiling($row, $i, $height ?? FloorPlan::CEILING[0]), $rows, array_keys($rows)));

        return $height === null || $heights === null || $furnishings === null ? null : $faults->take(fn (): FloorPlan => FloorPlan::drawn(
            array_map(fn (array $row, int $i): PlanePoint => new PlanePoint(self::coordinate($row, 'x', "room.outline.{$i}"), self::coordinate($row, 'y', "room.outline.{$i}")), $rows, array_keys($rows)),
            $heights,
            $furnishings,
            array_map(fn (array $row): bool => ($row['taped'] ?? false) === true, $rows),
        ));
    }

    private function rectangle(Faults $faults): ?FloorPlan
    {
        $length = $faults->take(fn (): float => $this->length('room.length', 'A length', FloorPlan::SIDE, $this->text($this->fields, 'length')));
        $width = $faults->take(fn (): float => $this->length('room.width', 'A width', FloorPlan::SIDE, $this->text($this->fields, 'width')));
        $height = $faults->take($this->level(...));
        $furnishings = $faults->take(fn (): array => $this->furnishings());

        return $length === null || $width === null || $height === null || $furnishings === null
            ? null
            : $faults->take(fn (): FloorPlan => FloorPlan::rectangle($length, $width, $height, $furnishings));
    }

    private function level(): float
    {
        return $this->length('room.height', 'A ceiling height', FloorPlan::CEILING, $this->text($this->fields, 'height'));
    }

    /** The unit of a length without one. */
    public static function bare(System $system): UnitOfMeasure
    {
        return $system === System::Imperial ? UnitOfMeasure::Foot : UnitOfMeasure::Metre;
    }

    /**
     * A length as a tape gave it.
     *
     * @return float m
     */
    public static function reading(string $field, string $text, System $system): float
    {
        return (new self([], $system))->length($field, 'A wall', [Furnishing::SIDE[0], FloorPlan::SIDE[1]], $text);
    }

    /** @param  array<string, mixed>  $row */
    private function ceiling(array $row, int $number, float $level): float
    {
        $text = $this->text($row, 'height');

        return trim($text) === '' ? $level : $this->length("room.outline.{$number}.height", 'A ceiling height', FloorPlan::CEILING, $text);
    }

    /** @return list<Furnishing> */
    private function furnishings(): array
    {
        $rows = $this->rows('furnishings');
        if (count($rows) > self::MOST_FURNISHINGS) {
            throw InvalidPlan::tooMany('room.furnishings', self::MOST_FURNISHINGS);
        }

        return array_map($this->furnishing(...), $rows, array_keys($rows));
    }

    /** @param  array<string, mixed>  $row */
    private function furnishing(array $row, int $number): Furnishing
    {
        $path = "room.furnishings.{$number}";
        $kind = FurnishingKind::tryFrom($this->text($row, 'kind')) ?? throw InvalidPlan::furnishing("{$path}.kind", $this->text($row, 'kind'));
        $sides = array_combine(['width', 'depth', 'height'], $kind->usual());
        foreach ($kind->isSized() ? $sides : [] as $side => $usual) {
            $text = $this->text($row, $side);
            $sides[$side] = trim($text) === '' ? $usual : $this->length("{$path}.{$side}", "A {$side}", Furnishing::SIDE, $text);
        }

        return new Furnishing(
            $kind, self::coordinate($row, 'x', $path), self::coordinate($row, 'y', $path), $sides['width'], $sides['depth'], $sides['height'],
            leadsTo: $kind === FurnishingKind::Door ? $this->text($row, 'leads_to') : '',
        );
    }

    /** @param  array{float, float}  $range m */
    private function length(string $field, string $what, array $range, string $text): float
    {
        return (new Entry($field, $what, self::bare($this->system), Display::RoomLength, $range[0], $range[1], $this->system))->read($text);
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $field): array
    {
        $rows = is_array($this->fields[$field] ?? null) ? $this->fields[$field] : [];

        return array_values(array_map(function (mixed $row): array {
            /** @var array<string, mixed> $row */
            $row = is_array($row) ? $row : [];

            return $row;
        }, $rows));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return float m
     */
    private static function coordinate(array $row, string $axis, string $path): float
    {
        $value = $row[$axis] ?? 0.0;

        return is_numeric($value) && abs((float) $value) <= self::SHEET ? (float) $value : throw OutOfRange::of("{$path}.{$axis}", is_numeric($value) ? (float) $value : NAN, -self::SHEET, self::SHEET, 'm');
    }

    /** @param  array<string, mixed>  $row */
    private function text(array $row, string $field): string
    {
        $value = $row[$field] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
