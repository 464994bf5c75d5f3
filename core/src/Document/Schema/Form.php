<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\UnitOfMeasure;

/**
 * An object of an open format, from which its JSON Schema is written: keys that are not named here are refused, a
 * quantity is spelled with its unit and given in one unit only.
 *
 * @phpstan-type Schema array<string, mixed>
 */
final readonly class Form
{
    /**
     * @param  array<string, Schema>  $properties
     * @param  list<string>  $required
     * @param  list<Schema>  $rules  that must all hold
     */
    private function __construct(private string $about, private array $properties = [], private array $required = [], private array $rules = [])
    {
    }

    public static function about(string $about): self
    {
        return new self($about);
    }

    /** @param  array<string, mixed>  $schema */
    public function key(string $name, array $schema, string $about = ''): self
    {
        return new self($this->about, $this->properties + [$name => $schema + ($about === '' ? [] : ['description' => $about])], $this->required, $this->rules);
    }

    public function text(string $name, string $about): self
    {
        return $this->key($name, ['type' => 'string', 'minLength' => 1], $about);
    }

    public function flag(string $name, string $about): self
    {
        return $this->key($name, ['type' => 'boolean'], $about);
    }

    /** @param  list<string>  $choices */
    public function choice(string $name, array $choices, string $about): self
    {
        return $this->key($name, ['enum' => $choices], $about);
    }

    /** @param  array<string, mixed>  $bounds */
    public function number(string $name, array $bounds, string $about): self
    {
        return $this->key($name, ['type' => 'number'] + $bounds, $about);
    }

    /** @param  array<string, mixed>  $bounds */
    public function count(string $name, array $bounds, string $about): self
    {
        return $this->key($name, ['type' => 'integer'] + $bounds, $about);
    }

    public function object(string $name, self $form): self
    {
        return $this->key($name, $form->schema());
    }

    /** @param  array<string, mixed>  $item */
    public function list(string $name, array $item, string $about, int $least = 1, ?int $most = null): self
    {
        return $this->key($name, ['type' => 'array', 'items' => $item, 'minItems' => $least] + ($most === null ? [] : ['maxItems' => $most]), $about);
    }

    /**
     * A quantity, in any unit of its dimension, spelled at the end of the key.
     *
     * @param  array<string, mixed>  $bounds  that hold in every unit: `exclusiveMinimum` 0 or `minimum` 0
     */
    public function quantity(string $name, Dimension $dimension, string $about, array $bounds = ['exclusiveMinimum' => 0]): self
    {
        return $this->spelled($name, $dimension, ['type' => 'number', 'description' => $about] + $bounds);
    }

    /**
     * A quantity of a part: a number, or a number with where it came from.
     *
     * @param  array<string, mixed>  $bounds
     */
    public function figure(string $name, Dimension $dimension, string $about, array $bounds = ['exclusiveMinimum' => 0]): self
    {
        return $this->spelled($name, $dimension, [
            'type' => ['number', 'object'], 'description' => $about,
            'properties' => [
                'value' => ['type' => 'number'] + $bounds,
                'from' => ['enum' => array_map(fn (Provenance $from): string => $from->value, Provenance::cases())],
            ],
            'required' => ['value'], 'additionalProperties' => false,
        ] + $bounds);
    }

    /** Keys that must be there; a quantity in one unit or another. */
    public function requires(string ...$names): self
    {
        $required = $this->required;
        $rules = $this->rules;
        foreach ($names as $name) {
            if (isset($this->properties[$name])) {
                $required[] = $name;
            } else {
                $rules[] = ['anyOf' => array_map(fn (string $key): array => ['required' => [$key]], $this->spellings($name))];
            }
        }

        return new self($this->about, $this->properties, $required, $rules);
    }

    /**
     * One of several ways must be complete.
     *
     * @param  non-empty-list<list<string>>  $ways  names of keys or quantities
     */
    public function oneWay(array $ways): self
    {
        $complete = [];
        foreach ($ways as $names) {
            $complete[] = ['allOf' => array_map(
                fn (string $name): array => ['anyOf' => array_map(fn (string $key): array => ['required' => [$key]], isset($this->properties[$name]) ? [$name] : $this->spellings($name))],
                $names,
            )];
        }

        return new self($this->about, $this->properties, $this->required, [...$this->rules, ['anyOf' => $complete]]);
    }

    /** Ways that shut each other out. */
    public function notTogether(string $one, string $other): self
    {
        $rules = $this->rules;
        foreach (isset($this->properties[$one]) ? [$one] : $this->spellings($one) as $a) {
            foreach (isset($this->properties[$other]) ? [$other] : $this->spellings($other) as $b) {
                $rules[] = ['not' => ['required' => [$a, $b]]];
            }
        }

        return new self($this->about, $this->properties, $this->required, $rules);
    }

    /** @return Schema */
    public function schema(): array
    {
        return ['type' => 'object', 'description' => $this->about, 'properties' => $this->properties === [] ? new \stdClass : $this->properties]
            + ($this->required === [] ? [] : ['required' => $this->required])
            + ['additionalProperties' => false]
            + ($this->rules === [] ? [] : ['allOf' => $this->rules]);
    }

    /** @param  Schema  $schema */
    private function spelled(string $name, Dimension $dimension, array $schema): self
    {
        $properties = $this->properties;
        $keys = [];
        foreach (UnitOfMeasure::cases() as $unit) {
            if ($unit->dimension() === $dimension) {
                $properties += [$keys[] = "{$name}_{$unit->value}" => $schema];
            }
        }
        $rules = $this->rules;
        foreach ($keys as $i => $a) {
            foreach (array_slice($keys, $i + 1) as $b) {
                $rules[] = ['not' => ['required' => [$a, $b]]];
            }
        }

        return new self($this->about, $properties, $this->required, $rules);
    }

    /** @return list<string> keys of a quantity */
    private function spellings(string $name): array
    {
        return array_values(array_filter(
            array_map(fn (UnitOfMeasure $unit): string => "{$name}_{$unit->value}", UnitOfMeasure::cases()),
            fn (string $key): bool => isset($this->properties[$key]),
        ));
    }
}
