<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;

/** A part of one's own as a person wrote it: figures in words with where they came from, and the packs it is sold in. */
final readonly class PartEntry
{
    private const MOST_PACKS = 8;

    /**
     * @param  array<string, mixed>  $own  figures that go before those of the part it is like
     * @param  array<string, mixed>  $whole  the entry with them laid over it
     */
    private function __construct(public array $own, public array $whole)
    {
    }

    /**
     * @param  array<string, mixed>  $like  entry of the part whose other figures hold
     * @param  array<string, mixed>  $fields  name; figures by path, each with `entry` and `from`; points with `along` and
     *                                         `pressure`, and `points_from`; packs with `count` and `price`
     *
     * @throws InvalidEntries with every field that is at fault
     * @throws \Jornel\Core\Fault\Invalid when the figures together make no part
     */
    public static function read(PartKind $kind, string $id, array $like, array $fields, System $system): self
    {
        $faults = new Faults;
        $name = $faults->take(fn (): string => self::name($fields['name'] ?? ''));
        $own = [];
        $figures = is_array($fields['figures'] ?? null) ? $fields['figures'] : [];
        foreach (EditableFigures::of($kind) as $figure) {
            $given = $figures[$figure->path] ?? null;
            $given = is_array($given) ? $given : [];
            $text = is_string($given['entry'] ?? null) ? trim($given['entry']) : '';
            if ($text === '') {
                continue;
            }
            $one = $faults->take(fn (): array => $figure->entry($text, self::provenance("figures.{$figure->path}", $given['from'] ?? null), $system));
            $own = array_replace_recursive($own, $one ?? []);
        }
        $own = array_replace($own, self::points($kind, $fields, $figures, $system, $faults));
        $packs = $faults->take(fn (): array => self::packs(is_array($fields['packs'] ?? null) ? array_values($fields['packs']) : []));
        if ($faults->any() || $name === null || $packs === null) {
            throw $faults->thrown();
        }
        $own = self::keyed($own) + ['name' => $name] + ($packs === [] ? [] : ['packs' => $packs]);
        $whole = ['id' => $id] + Overlay::of($like, $own);
        // What the core cannot make a part of is refused here, at its path.
        Catalogue::fromEntries([['kind' => $kind->value, 'data' => $whole]]);

        return new self($own, $whole);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<mixed>  $figures
     * @return array<string, mixed>
     */
    private static function points(PartKind $kind, array $fields, array $figures, System $system, Faults $faults): array
    {
        $curve = EditableCurve::of($kind);
        $rows = is_array($fields['points'] ?? null) ? array_values($fields['points']) : [];
        if ($curve === null || $rows === []) {
            return [];
        }
        foreach ($curve->insteadOf as $path) {
            $entry = is_array($figures[$path] ?? null) ? $figures[$path]['entry'] ?? '' : '';
            $faults->take(fn () => is_string($entry) && trim($entry) !== '' ? throw InvalidPart::besidePoints("figures.{$path}") : true);
        }
        $from = $faults->take(fn (): Provenance => self::provenance('points_from', $fields['points_from'] ?? Provenance::Measured->value));

        return $curve->entry($rows, $from ?? Provenance::Measured, $system, $faults);
    }

    /** @throws InvalidPart */
    private static function name(mixed $name): string
    {
        $name = is_string($name) ? trim($name) : '';

        return $name === '' || mb_strlen($name) > 80 ? throw InvalidPart::name() : $name;
    }

    /** @throws InvalidPart */
    private static function provenance(string $field, mixed $from): Provenance
    {
        return (is_string($from) ? Provenance::tryFrom($from) : null) ?? throw InvalidPart::provenance($field);
    }

    /**
     * @param  list<mixed>  $rows
     * @return list<array{count: int, price: float}>
     *
     * @throws InvalidPart
     */
    private static function packs(array $rows): array
    {
        if (count($rows) > self::MOST_PACKS) {
            throw InvalidPart::packs(self::MOST_PACKS);
        }
        $packs = [];
        foreach ($rows as $number => $row) {
            $count = is_array($row) && is_int($row['count'] ?? null) ? $row['count'] : 0;
            $price = is_array($row) && is_scalar($row['price'] ?? null) ? str_replace(',', '.', trim((string) $row['price'])) : '';
            if ($count < 1 || $count > 1000) {
                throw InvalidPart::count($number);
            }
            if (preg_match('/^\d{1,6}(\.\d{1,2})?$/', $price) !== 1) {
                throw InvalidPart::price($number);
            }
            $packs[] = ['count' => $count, 'price' => (float) $price];
        }

        return $packs;
    }

    /**
     * @param  array<mixed>  $entry
     * @return array<string, mixed>
     */
    private static function keyed(array $entry): array
    {
        /** @var array<string, mixed> $entry */
        return $entry;
    }
}
