<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Part\Grade;
use Jornel\Core\Plan\PlanEntry;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A room as a person wrote it down. */
final readonly class RoomEntry
{
    /**
     * @param  array<string, mixed>  $fields name, use, length, width, height, outline, furnishings, people, pollutant, noise_limit, has_fuel_burning, outdoor, leakiness, ventilation, central, central_grade, supply, supply_grade, exhaust
     * @param  array<string, Grade>  $grades  by id
     */
    private function __construct(private array $fields, private System $system, private array $grades)
    {
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  System  $system  the measure of numbers without a unit
     * @param  array<string, Grade>  $grades  of central filters, by id
     *
     * @throws InvalidEntries with every field that is at fault
     */
    public static function read(array $fields, System $system, Occupancies $uses, Pollutants $pollutants, array $grades): Room
    {
        return (new self($fields, $system, $grades))->room($uses, $pollutants);
    }

    /** A length as it was written, with its unit if it had none, so that it means the same in either measure. */
    public static function withUnit(string $text, System $system): string
    {
        return Entry::withUnit($text, PlanEntry::bare($system));
    }

    /** A flow as it was written, with its unit if it had none. */
    public static function flowWithUnit(string $text, System $system): string
    {
        return trim($text) === '' ? '' : Entry::withUnit($text, self::bareFlow($system));
    }

    private function room(Occupancies $uses, Pollutants $pollutants): Room
    {
        $faults = new Faults;
        $name = $faults->take(function (): string {
            $name = trim($this->text('name'));

            return $name === '' || mb_strlen($name) > 80 ? throw InvalidRoom::noName() : $name;
        });
        $use = $faults->take(fn (): Occupancy => $uses->get($this->text('use')));
        $plan = (new PlanEntry($this->fields, $this->system))->read($faults);
        $people = $faults->take(fn (): int => $this->people());
        $pollutant = $faults->take(fn (): Pollutant => $pollutants->get($this->text('pollutant')));
        $noise = $faults->take(fn (): float => $this->noiseLimit());
        $outdoor = $faults->take(fn (): float => $this->outdoor());
        $leakiness = $faults->take(fn (): Leakiness => Leakiness::tryFrom($this->text('leakiness') ?: Leakiness::Ordinary->value) ?? throw InvalidRoom::unknownLeakiness($this->text('leakiness')));
        $fresh = $faults->take(fn (): float => $this->flow('ventilation', 'Outdoor air'));
        $central = $faults->take(fn (): float => $this->flow('central', 'Central air'));
        $cleaned = $faults->take(fn (): PerBin => $this->efficiency('central_grade'));
        $supply = $faults->take(fn (): float => $this->flow('supply', 'A supply fan'));
        $supplied = $faults->take(fn (): PerBin => $this->efficiency('supply_grade'));
        $exhaust = $faults->take(fn (): float => $this->flow('exhaust', 'An exhaust fan'));
        if ($name === null || $use === null || $plan === null || $people === null || $pollutant === null || $noise === null || $outdoor === null || $leakiness === null || $fresh === null || $central === null || $cleaned === null || $supply === null || $supplied === null || $exhaust === null) {
            throw $faults->thrown();
        }

        return Room::of(
            $name, $use, $plan, $people, $pollutant, $noise === 0.0 ? null : $noise, ($this->fields['has_fuel_burning'] ?? false) === true,
            new Ventilation($leakiness->infiltration(), $exhaust, $supply, $supplied, $fresh, recirculated: $central, recirculatedEfficiency: $cleaned), $outdoor < 0.0 ? null : $outdoor,
        );
    }

    private function people(): int
    {
        $text = trim($this->text('people'));
        $number = preg_match('/^\d{1,6}$/', $text) === 1 ? (int) $text : -1;

        return $number < Room::PEOPLE[0] || $number > Room::PEOPLE[1] ? throw InvalidRoom::notAWholeNumber('room.people', ...Room::PEOPLE) : $number;
    }

    /** @return float dBA; 0 for no limit */
    private function noiseLimit(): float
    {
        $text = trim($this->text('noise_limit'));

        return $text === '' ? 0.0 : (new Entry('room.noise_limit', 'A noise limit', UnitOfMeasure::DecibelA, Display::Level, Room::NOISE[0], Room::NOISE[1], $this->system))->read($text);
    }

    /** @return float ug/m3; below 0 where it is not told */
    private function outdoor(): float
    {
        $text = trim($this->text('outdoor'));

        return $text === '' ? -1.0 : (new Entry('room.outdoor', 'A concentration outdoors', UnitOfMeasure::MicrogramPerCubicMetre, Display::Concentration, Room::OUTDOOR[0], Room::OUTDOOR[1], $this->system))->read($text);
    }

    /** @return float m3/s; 0 where nothing is told */
    private function flow(string $field, string $what): float
    {
        $text = trim($this->text($field));

        return $text === '' ? 0.0 : (new Entry("room.{$field}", $what, self::bareFlow($this->system), Display::Flow, Room::FLOW[0], Room::FLOW[1], $this->system))->read($text);
    }

    /** @throws InvalidRoom */
    private function efficiency(string $field): PerBin
    {
        $id = $this->text($field);

        return $id === '' ? PerBin::same(0.0) : ($this->grades[$id] ?? throw InvalidRoom::unknownGrade("room.{$field}", $id, array_map(strval(...), array_keys($this->grades))))->efficiency;
    }

    private function text(string $field): string
    {
        $value = $this->fields[$field] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    private static function bareFlow(System $system): UnitOfMeasure
    {
        return $system === System::Imperial ? UnitOfMeasure::CubicFootPerMinute : UnitOfMeasure::CubicMetrePerHour;
    }
}
