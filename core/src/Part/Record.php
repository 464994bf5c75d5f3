<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\UnitOfMeasure;

/**
 * Reads one part's entry of a data file: figures carry their unit in the key, and their provenance beside them.
 *
 * `"free_flow_cfm": 1250` takes the part's own `from`; `"free_flow_cfm": {"value": 1180, "from": "measured"}` has its own.
 */
final readonly class Record
{
    /** What any number lies between, other than 0, in SI: far beyond what is met with, near enough to be reckoned with. */
    private const REACH = [1e-12, 1e12];

    /** Levels of sound, dB. */
    private const LEVELS = [-50.0, 200.0];

    /** @param  array<string, mixed>  $data */
    public function __construct(private array $data, private string $path = '')
    {
    }

    /** @throws BadRecord */
    public function text(string $key): string
    {
        $value = $this->data[$key] ?? null;

        return is_string($value) && $value !== '' ? $value : throw BadRecord::missing($this->path($key));
    }

    /** @throws BadRecord */
    public function flag(string $key): bool
    {
        $value = $this->data[$key] ?? null;

        return is_bool($value) ? $value : throw BadRecord::missing($this->path($key));
    }

    /**
     * A figure in SI units, whichever unit its key names: `width` finds `width_in` or `width_mm`.
     *
     * @throws BadRecord when it is missing, not a number, or not above the least that is allowed
     */
    public function figure(string $quantity, ?float $above = null): Figure
    {
        $named = $this->named($quantity);

        return $named === null ? $this->number($quantity, $above) : $this->checked($named[0], $named[1], $above);
    }

    public function optional(string $quantity, ?float $above = null): ?Figure
    {
        $key = $this->named($quantity)[0] ?? $quantity;

        return isset($this->data[$key]) ? $this->figure($quantity, $above) : null;
    }

    /**
     * The key that a quantity has here, and the unit that it names.
     *
     * @return array{string, UnitOfMeasure}|null
     */
    private function named(string $quantity): ?array
    {
        $stem = $quantity.'_';
        foreach ($this->data as $key => $value) {
            $unit = str_starts_with((string) $key, $stem) ? UnitOfMeasure::tryFrom(substr((string) $key, strlen($stem))) : null;
            if ($unit !== null) {
                return [(string) $key, $unit];
            }
        }

        return null;
    }

    /** Whether a quantity is given, in whichever unit. */
    public function has(string $quantity): bool
    {
        return $this->optional($quantity) !== null;
    }

    public function flagOr(string $key, bool $usual): bool
    {
        return array_key_exists($key, $this->data) ? $this->flag($key) : $usual;
    }

    public function textOr(string $key, string $usual): string
    {
        return array_key_exists($key, $this->data) ? $this->text($key) : $usual;
    }

    /**
     * One of the cases of an enumeration, by its value.
     *
     * @template T of \BackedEnum
     *
     * @param  T  $usual  where nothing is told
     * @return T
     *
     * @throws BadRecord
     */
    public function choice(string $key, \BackedEnum $usual): \BackedEnum
    {
        return array_key_exists($key, $this->data) ? $this->oneOf($key, $usual) : $usual;
    }

    /**
     * The same where it must be told.
     *
     * @template T of \BackedEnum
     *
     * @param  T  $of  any of its cases
     * @return T
     *
     * @throws BadRecord
     */
    public function oneOf(string $key, \BackedEnum $of): \BackedEnum
    {
        return $of::tryFrom($this->text($key)) ?? throw BadRecord::unknownChoice($this->path($key), array_column($of::cases(), 'value'));
    }

    /**
     * Several of the cases of an enumeration.
     *
     * @template T of \BackedEnum
     *
     * @param  T  $of  any of its cases
     * @return list<T>
     *
     * @throws BadRecord
     */
    public function choices(string $key, \BackedEnum $of): array
    {
        return array_map(fn (string $value): \BackedEnum => $of::tryFrom($value) ?? throw BadRecord::unknownChoice($this->path($key), array_column($of::cases(), 'value')), $this->texts($key));
    }

    public function childOr(string $key): ?self
    {
        return isset($this->data[$key]) ? $this->child($key) : null;
    }

    /** @throws BadRecord */
    public function number(string $key, ?float $above = null): Figure
    {
        if (! array_key_exists($key, $this->data)) {
            throw BadRecord::missing($this->path($key));
        }

        return $this->checked($key, null, $above);
    }

    public function child(string $key): self
    {
        $value = $this->data[$key] ?? null;
        // An object without keys is decoded as an empty list.
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw BadRecord::missing($this->path($key));
        }
        /** @var array<string, mixed> $value */

        return new self($value + ['from' => $this->data['from'] ?? 'assumed'], $this->path($key));
    }

    /**
     * @return list<mixed>
     *
     * @throws BadRecord
     */
    public function list(string $key): array
    {
        $value = $this->data[$key] ?? null;

        return is_array($value) && array_is_list($value) ? $value : throw BadRecord::missing($this->path($key));
    }

    /**
     * @return list<float>
     *
     * @throws BadRecord
     */
    public function numbers(string $key): array
    {
        return array_map(
            fn (mixed $value): float => is_int($value) || is_float($value) ? $this->withinReach((float) $value, null, $key) : throw BadRecord::notANumber($this->path($key)),
            $this->list($key),
        );
    }

    /**
     * @return list<string>
     *
     * @throws BadRecord
     */
    public function texts(string $key): array
    {
        return array_map(
            fn (mixed $value): string => is_string($value) ? $value : throw BadRecord::missing($this->path($key)),
            $this->list($key),
        );
    }

    /**
     * @return list<self>
     *
     * @throws BadRecord
     */
    public function records(string $key): array
    {
        $records = [];
        foreach ($this->list($key) as $index => $value) {
            if (! is_array($value)) {
                throw BadRecord::missing($this->path("$key.$index"));
            }
            /** @var array<string, mixed> $value */
            $records[] = new self($value + ['from' => $this->data['from'] ?? 'assumed'], $this->path("$key.$index"));
        }

        return $records;
    }

    /** Where a figure came from, or the record as a whole where it has no such figure. */
    public function provenance(string $quantity): Provenance
    {
        $figure = $this->optional($quantity);
        $from = $this->data['from'] ?? 'assumed';

        return $figure->provenance ?? Provenance::tryFrom(is_string($from) ? $from : '') ?? throw BadRecord::unknownProvenance($this->path('from'));
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return $this->data;
    }

    private function checked(string $key, ?UnitOfMeasure $unit, ?float $above): Figure
    {
        $value = $this->data[$key];
        $from = $this->data['from'] ?? 'assumed';
        $beside = fn (string $key): string => is_array($value) && is_string($value[$key] ?? null) ? $value[$key] : '';
        [$entry, $by, $at] = [$beside('entry'), $beside('by'), $beside('at')];
        if (is_array($value)) {
            $from = $value['from'] ?? $from;
            $value = $value['value'] ?? null;
        }
        if (! is_int($value) && ! is_float($value)) {
            throw BadRecord::notANumber($this->path($key));
        }
        if ($above !== null && $value <= $above) {
            throw BadRecord::tooSmall($this->path($key), (float) $value, $above);
        }
        $provenance = is_string($from) ? Provenance::tryFrom($from) : null;

        return new Figure($this->withinReach($unit?->toSi((float) $value) ?? (float) $value, $unit, $key), $provenance ?? throw BadRecord::unknownProvenance($this->path($key)), $entry, $by, $at);
    }

    /**
     * @param  float  $value  SI
     *
     * @throws BadRecord
     */
    private function withinReach(float $value, ?UnitOfMeasure $unit, string $key): float
    {
        $size = abs($value);
        $isWithin = $unit?->dimension() === Dimension::Level
            ? $value >= self::LEVELS[0] && $value <= self::LEVELS[1]
            : $size === 0.0 || ($size >= self::REACH[0] && $size <= self::REACH[1]);

        return $isWithin ? $value : throw BadRecord::beyondMeasure($this->path($key));
    }

    /** Where a value of this record stands in the whole. */
    public function path(string $key): string
    {
        return $this->path === '' ? $key : "{$this->path}.{$key}";
    }

    /** Path of this record in the whole. */
    public function place(): string
    {
        return $this->path;
    }
}
