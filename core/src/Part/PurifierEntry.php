<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A purifier that was bought, as a person wrote down what its maker says of it; an empty field is not told. */
final readonly class PurifierEntry
{
    /** What may be told of it. */
    public const FIELDS = ['name', 'clean_air', 'level', 'power', 'refill_price', 'refill_months', 'width', 'depth', 'height'];

    private const MOST_NAME = 80;

    /** @param  array<string, mixed>  $fields */
    private function __construct(private array $fields, private System $system, private string $at)
    {
    }

    /**
     * @param  array<string, mixed>  $fields  of {@see self::FIELDS}
     * @param  System  $system  the measure of numbers without a unit
     * @param  string  $at  path of the purifier, to name in errors
     *
     * @throws InvalidEntries with every field that is at fault
     */
    public static function read(array $fields, System $system, string $at): BoughtPurifier
    {
        return (new self($fields, $system, $at))->purifier();
    }

    /**
     * As it was written, every number with its unit, so that it means the same in either measure.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, string>
     */
    public static function withUnits(array $fields, System $system): array
    {
        $read = new self($fields, $system, '');
        $written = [];
        foreach (self::FIELDS as $field) {
            $text = $read->text($field);
            $unit = $read->unit($field);
            $written[$field] = $text === '' || $unit === null ? $text : Entry::withUnit($text, $unit);
        }

        return $written;
    }

    private function purifier(): BoughtPurifier
    {
        $faults = new Faults;
        $name = $faults->take(fn (): string => $this->text('name') === '' || mb_strlen($this->text('name')) > self::MOST_NAME ? throw InvalidPurifier::noName("{$this->at}.name") : $this->text('name'));
        $clean = $faults->take(fn (): float => $this->quantity('clean_air', 'A clean-air rating', Display::Flow, 0.001, 3.0));
        $optional = fn (string $field, string $what, Display $display, float $least, float $most): ?float => $this->text($field) === '' ? null
            : $faults->take(fn (): float => $this->quantity($field, $what, $display, $least, $most));
        $level = $optional('level', 'A level', Display::Level, 10.0, 100.0);
        $watts = $optional('power', 'A power', Display::Power, 0.1, 2000.0);
        $refill = $this->text('refill_price') === '' ? null : $faults->take(fn (): Money => $this->money('refill_price'));
        $months = $this->text('refill_months') === '' ? null : $faults->take(fn (): float => $this->months('refill_months'));
        $sides = array_map(fn (string $side): ?float => $optional($side, 'A side', Display::PartLength, 0.02, 3.0), ['width', 'depth', 'height']);
        if ($name === null || $clean === null || $faults->any()) {
            throw $faults->thrown();
        }

        return new BoughtPurifier(
            $name, $clean, Provenance::Rated, $level, $watts, null, $refill, $months,
            $sides[0] === null || $sides[1] === null || $sides[2] === null ? null : [$sides[0], $sides[1], $sides[2]],
        );
    }

    private function quantity(string $field, string $what, Display $display, float $least, float $most): float
    {
        return (new Entry("{$this->at}.{$field}", $what, $this->unit($field) ?? UnitOfMeasure::Metre, $display, $least, $most, $this->system))->read($this->text($field));
    }

    private function money(string $field): Money
    {
        return Money::read(str_replace(',', '.', $this->text($field))) ?? throw InvalidPurifier::notMoney("{$this->at}.{$field}");
    }

    private function months(string $field): float
    {
        $number = str_replace(',', '.', (string) preg_replace('/\s*months?$/i', '', $this->text($field)));
        [$least, $most] = BoughtPurifier::LIFE;

        return is_numeric($number) && (float) $number >= $least && (float) $number <= $most ? (float) $number : throw InvalidPurifier::notMonths("{$this->at}.{$field}", $least, $most);
    }

    /** Of a number without one. */
    private function unit(string $field): ?UnitOfMeasure
    {
        $imperial = $this->system === System::Imperial;

        return match ($field) {
            'clean_air' => $imperial ? UnitOfMeasure::CubicFootPerMinute : UnitOfMeasure::CubicMetrePerHour,
            'level' => UnitOfMeasure::DecibelA,
            'power' => UnitOfMeasure::Watt,
            'width', 'depth', 'height' => $imperial ? UnitOfMeasure::Inch : UnitOfMeasure::Millimetre,
            default => null,
        };
    }

    private function text(string $field): string
    {
        $value = $this->fields[$field] ?? '';

        return is_scalar($value) && ! is_bool($value) ? trim((string) $value) : '';
    }
}
