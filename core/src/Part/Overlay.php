<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\UnitOfMeasure;

/**
 * An entry with figures of its own laid over another: what is given goes before what it is like, in whichever unit or way
 * it is given.
 */
final class Overlay
{
    /** Ways to give the same thing, of which the given one puts all the others out. */
    private const INSTEAD = [
        ['curve', 'free_flow', 'advertised_flow'],
        ['curve', 'shut_off'],
        ['curve', 'exponent'],
        ['drop'],
        ['efficiency', 'velocity_correction'],
    ];

    /**
     * @param  array<string, mixed>  $like
     * @param  array<string, mixed>  $own  its `from` tells where its own figures came from
     * @return array<string, mixed>
     */
    public static function of(array $like, array $own): array
    {
        $own = self::withProvenance($own);
        foreach (array_keys($own) as $key) {
            foreach (self::others(self::quantity($key)) as $quantity) {
                $like = array_filter($like, fn (string $mine): bool => self::quantity($mine) !== $quantity || isset($own[$mine]), ARRAY_FILTER_USE_KEY);
            }
        }
        foreach ($own as $key => $value) {
            $before = $like[$key] ?? null;
            if (is_array($value) && is_array($before) && ! array_is_list($value) && ! array_is_list($before) && ! array_key_exists('value', $value)) {
                $value = self::of(self::keyed($before), self::keyed($value));
            }
            $like[$key] = $value;
        }

        return $like;
    }

    /**
     * Every figure of an entry with the entry's own provenance beside it, so that it keeps it in another entry.
     *
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    private static function withProvenance(array $own): array
    {
        $from = $own['from'] ?? null;
        unset($own['from']);
        if (! is_string($from)) {
            return $own;
        }
        foreach ($own as $key => $value) {
            $own[$key] = match (true) {
                (is_int($value) || is_float($value)) && self::quantity($key) !== $key => ['value' => $value, 'from' => $from],
                is_array($value) && in_array($key, ['curve', 'drop'], true) => array_map(fn (mixed $point): mixed => is_array($point) ? $point + ['from' => $from] : $point, $value),
                is_array($value) && $key === 'efficiency' => $value + ['from' => $from],
                is_array($value) && ! array_is_list($value) && ! array_key_exists('value', $value) => self::withProvenance(['from' => $from] + self::keyed($value)),
                default => $value,
            };
        }

        return $own;
    }

    /**
     * @param  array<mixed>  $value
     * @return array<string, mixed>
     */
    private static function keyed(array $value): array
    {
        /** @var array<string, mixed> $value */
        return $value;
    }

    /** What a key tells, without its unit. */
    public static function quantity(string $key): string
    {
        foreach (UnitOfMeasure::cases() as $unit) {
            if (str_ends_with($key, '_'.$unit->value)) {
                return substr($key, 0, -strlen($unit->value) - 1);
            }
        }

        return $key;
    }

    /** @return list<string> quantities that go when this one is given */
    private static function others(string $quantity): array
    {
        $others = [$quantity];
        foreach (self::INSTEAD as $ways) {
            if (in_array($quantity, $ways, true)) {
                $others = [...$others, ...$ways];
            }
        }

        return array_values(array_unique($others));
    }
}
