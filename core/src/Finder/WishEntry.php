<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Sound\Seat;

/** What a person wrote that builds shall be held to; an empty field is no limit. */
final readonly class WishEntry
{
    /** Least and most that may be asked, SI. */
    private const RANGES = [
        'level' => [20.0, 100.0], 'first_cost' => [0.0, 1e6], 'total_cost' => [0.0, 1e6], 'footprint' => [0.01, 100.0],
        'height' => [0.05, 5.0], 'power' => [0.5, 20000.0], 'minutes' => [1.0, 10000.0],
    ];

    /** @param  float|null  $seat  m from the unit; null for 1 m in the open */
    private function __construct(public Limits $limits, public ?float $seat)
    {
    }

    /**
     * @param  array<string, mixed>  $fields  level, first_cost, total_cost, footprint, height, power, minutes, seat as written;
     *                                         tools and skills as lists, null where they are no limit; from_stock
     *
     * @throws InvalidEntries with every field that is at fault
     */
    public static function read(array $fields, System $system): self
    {
        $faults = new Faults;
        $limits = Limits::none();
        foreach (Limit::cases() as $limit) {
            $text = self::text($fields[$limit->value] ?? '');
            if ($limit->isCounted() && $text !== '') {
                $value = $faults->take(fn (): float => self::value($limit, $text, $system));
                $limits = $value === null ? $limits : $limits->atMost($limit, $value);
            }
        }
        if (is_array($fields['tools'] ?? null)) {
            $limits = $limits->withTools(self::words($fields['tools']));
        }
        if (is_array($fields['skills'] ?? null)) {
            $limits = $limits->withSkills(self::words($fields['skills']));
        }
        if (($fields['from_stock'] ?? false) === true) {
            $limits = $limits->fromStock();
        }
        $seat = self::text($fields['seat'] ?? '');
        $distance = $seat === '' ? null : $faults->take(fn (): float => (new Entry('wishes.seat', 'A seat', $system === System::Imperial ? UnitOfMeasure::Foot : UnitOfMeasure::Metre, Display::RoomLength, Seat::DISTANCE[0], Seat::DISTANCE[1], $system))->read($seat));
        if ($faults->any()) {
            throw $faults->thrown();
        }

        return new self($limits, $distance);
    }

    private static function value(Limit $limit, string $text, System $system): float
    {
        [$least, $most] = self::RANGES[$limit->value] ?? [0.0, 0.0];
        $imperial = $system === System::Imperial;
        $quantity = match ($limit) {
            Limit::Level => ['A level', UnitOfMeasure::DecibelA, Display::Level],
            Limit::Footprint => ['A floor', $imperial ? UnitOfMeasure::SquareFoot : UnitOfMeasure::SquareMetre, Display::Area],
            Limit::Height => ['A height', $imperial ? UnitOfMeasure::Foot : UnitOfMeasure::Metre, Display::RoomLength],
            Limit::Power => ['A power', UnitOfMeasure::Watt, Display::Power],
            default => null,
        };
        if ($quantity !== null) {
            return (new Entry("wishes.{$limit->value}", ...[...$quantity, $least, $most, $system]))->read($text);
        }
        // Money and minutes are plain numbers.
        $number = str_replace([' ', ','], ['', '.'], (string) preg_replace('/\s*(min(utes)?)\.?$/i', '', $text));

        return preg_match('/^\d{1,7}(\.\d{1,2})?$/', $number) === 1 && (float) $number >= $least && (float) $number <= $most
            ? (float) $number
            : throw InvalidWish::number("wishes.{$limit->value}", $text, $least, $most);
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) && ! is_bool($value) ? trim((string) $value) : '';
    }

    /**
     * @param  array<mixed>  $words
     * @return list<string>
     */
    private static function words(array $words): array
    {
        return array_values(array_filter($words, is_string(...)));
    }
}
