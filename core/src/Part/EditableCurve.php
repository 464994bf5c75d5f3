<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Points that a person measured of a part's curve: a fan's pressure over its flow, a filter's drop over its face velocity. */
final readonly class EditableCurve
{
    public const FEWEST = 2;

    public const MOST = 20;

    /**
     * @param  string  $key  where the points stand in an entry
     * @param  string  $along  what they run along, as their key
     * @param  list<string>  $insteadOf  figures that they stand in place of, by path
     * @param  float  $most  that is allowed along, SI; 0 is the least
     */
    private function __construct(
        private string $key,
        public string $along,
        public Display $display,
        public array $insteadOf,
        private UnitOfMeasure $imperial,
        private UnitOfMeasure $metric,
        private UnitOfMeasure $kept,
        private float $most,
    ) {
    }

    /** Null for a kind of part that has none. */
    public static function of(PartKind $kind): ?self
    {
        return match ($kind) {
            PartKind::Fan => new self('curve', 'flow', Display::Flow, ['free_flow', 'shut_off'], UnitOfMeasure::CubicFootPerMinute, UnitOfMeasure::CubicMetrePerHour, UnitOfMeasure::CubicMetrePerSecond, 10.0),
            PartKind::Filter => new self('drop', 'velocity', Display::Velocity, ['drop.pressure', 'drop.velocity'], UnitOfMeasure::FootPerMinute, UnitOfMeasure::MetrePerSecond, UnitOfMeasure::MetrePerSecond, 5.0),
            PartKind::Joining, PartKind::Material => null,
        };
    }

    /**
     * As they stand in an entry; none where its curve is told by figures.
     *
     * @param  array<string, mixed>  $entry
     * @return list<array{along: Figure, pressure: Figure}>
     *
     * @throws BadRecord
     */
    public function points(array $entry): array
    {
        $points = $entry[$this->key] ?? null;

        return is_array($points) && array_is_list($points)
            ? array_map(fn (Record $point): array => ['along' => $point->figure($this->along), 'pressure' => $point->figure('pressure')], (new Record($entry))->records($this->key))
            : [];
    }

    /**
     * An entry that holds nothing but the points that a person wrote.
     *
     * @param  list<mixed>  $rows  each with `along` and `pressure` in words
     * @return array<string, mixed> empty where none were written
     */
    public function entry(array $rows, Provenance $from, System $system, Faults $faults): array
    {
        if ($rows === []) {
            return [];
        }
        $faults->take(fn () => count($rows) < self::FEWEST || count($rows) > self::MOST ? throw InvalidPart::points(self::FEWEST, self::MOST) : true);
        [$bare, $pressure] = $system === System::Imperial ? [$this->imperial, UnitOfMeasure::InchOfWater] : [$this->metric, UnitOfMeasure::Pascal];
        $text = fn (mixed $row, string $key): string => is_array($row) && is_string($row[$key] ?? null) ? $row[$key] : '';
        $figure = fn (string $text, UnitOfMeasure $unit, UnitOfMeasure $kept, Entry $entry): ?array => $faults->take(fn (): array => [
            'value' => $kept->fromSi($entry->read($text)), 'from' => $from->value, 'entry' => Entry::withUnit($text, $unit),
        ]);

        return [$this->key => array_map(fn (mixed $row, int $number): array => [
            "{$this->along}_{$this->kept->value}" => $figure($text($row, 'along'), $bare, $this->kept, new Entry("points.{$number}.along", "A {$this->along}", $bare, $this->display, 0.0, $this->most, $system)),
            'pressure_pa' => $figure($text($row, 'pressure'), $pressure, UnitOfMeasure::Pascal, new Entry("points.{$number}.pressure", 'A pressure', $pressure, Display::Pressure, 0.0, 5000.0, $system)),
        ], $rows, array_keys($rows))];
    }
}
