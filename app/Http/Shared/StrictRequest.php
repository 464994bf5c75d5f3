<?php

namespace App\Http\Shared;

use App\Actions\StandsThere;
use App\Models\Programme;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Support\Stringable;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Part\PurifierEntry;
use Jornel\Core\Shape\DesignEntry;

/** A request that refuses keys it does not know, each at its path. */
abstract class StrictRequest extends FormRequest
{
    public const UNKNOWN = 'This key is not known here.';

    /** Whoever sends more keys that are not known gets no longer list of them. */
    private const MOST_UNKNOWN = 20;

    /** What is asked is in the body alone, where there is one; lists are counted before any rule goes through them. */
    protected function prepareForValidation(): void
    {
        if (! $this->isMethodSafe()) {
            $this->query->replace([]);
        }
        foreach ($this->rules() as $path => $rules) {
            $limit = Arr::first($rules, fn (mixed $rule): bool => is_string($rule) && str_starts_with($rule, 'max:'));
            $most = is_string($limit) ? (int) substr($limit, 4) : PHP_INT_MAX;
            $given = str_contains($path, '*') ? null : $this->input($path);
            if (is_array($given) && count($given) > $most) {
                throw ValidationException::withMessages([$path => sprintf('These are too many: %d at most.', $most)]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $known = $this->known();
            $unknown = 0;
            foreach (array_keys(Arr::dot($this->isMethodSafe() ? $this->query->all() : $this->json()->all())) as $path) {
                if (preg_match($known, (string) $path) !== 1) {
                    $validator->errors()->add((string) $path, self::UNKNOWN);
                    if (++$unknown >= self::MOST_UNKNOWN) {
                        return;
                    }
                }
            }
        }];
    }

    /**
     * What is no text counts as an empty one: rules look at values before they have judged them.
     *
     * @param  string  $key
     * @param  mixed  $default
     */
    public function string($key, $default = null): Stringable
    {
        $value = $this->input($key, $default);

        return Str::of(is_scalar($value) ? (string) $value : '');
    }

    /** Pattern of the paths that have a rule; what lies in objects with fields of their own is theirs to know. */
    private function known(): string
    {
        $paths = [];
        foreach ($this->rules() as $path => $rules) {
            $hasFields = Arr::first($rules, fn (mixed $rule): bool => $rule instanceof Fields) !== null;
            $paths[] = str_replace('\\*', '.+', preg_quote($path, '/')).($hasFields ? '(\..*)?' : '');
        }

        return '/^('.implode('|', $paths).')$/Ds';
    }

    /** @return array<string, list<mixed>> rules for a room as it is written down; its values are the core's to judge */
    protected function roomRules(): array
    {
        $texts = ['name', 'use', 'length', 'width', 'height', 'people', 'pollutant', 'noise_limit', 'outdoor', 'leakiness', 'ventilation', 'central', 'central_grade', 'supply', 'supply_grade', 'exhaust'];
        $corner = new Fields(['x' => FieldType::Number, 'y' => FieldType::Number, 'height' => FieldType::Text, 'taped' => FieldType::Flag], ['x', 'y']);
        $furnishing = new Fields(
            ['x' => FieldType::Number, 'y' => FieldType::Number] + array_fill_keys(['kind', 'leads_to', 'width', 'depth', 'height'], FieldType::Text),
            ['kind', 'x', 'y'],
        );

        return [
            'room' => ['required', new Fields(
                array_fill_keys($texts, FieldType::Text) + ['has_fuel_burning' => FieldType::Flag, 'outline' => $corner, 'furnishings' => $furnishing],
                ['has_fuel_burning'],
            )],
        ];
    }

    /** @return array<string, mixed> */
    protected function goalRules(): array
    {
        return ['goal' => ['required', 'string', 'max:60']];
    }

    /** @return array<string, list<mixed>> rules for a unit as it is chosen */
    protected function unitRules(string $presence): array
    {
        return ['unit' => [$presence, $this->choices()]];
    }

    /** @return array<string, list<mixed>> rules for what stands in the room besides */
    protected function besideRules(string $key = 'beside'): array
    {
        // What is missing of it is the core's to say, with all else that is wrong.
        $purifier = new Fields(array_fill_keys(PurifierEntry::FIELDS, FieldType::Text));

        return [
            $key => ['nullable', 'array', 'max:'.StandsThere::MOST],
            "{$key}.*.build" => ['nullable', 'integer', "required_without:{$key}.*.bought", "prohibits:{$key}.*.bought"],
            "{$key}.*.bought" => ['nullable', $purifier],
            "{$key}.*.count" => ['required', 'integer', 'min:1', 'max:'.DesignEntry::MOST_UNITS],
            "{$key}.*.speed" => ['nullable', 'string', 'max:40'],
        ];
    }

    /** @return list<array{build?: int|null, bought?: array<string, mixed>|null, count: int, speed?: string|null}> what stands in the room besides */
    public function beside(string $key = 'beside'): array
    {
        // Validation gives rows back in the order of its rules, not in their own.
        $rows = (array) $this->validated($key);
        ksort($rows);

        /** @var list<array{build?: int|null, bought?: array<string, mixed>|null, count: int, speed?: string|null}> */
        return array_values($rows);
    }

    /** @return array<string, list<mixed>> rules for several units, each as it is chosen */
    protected function unitsRules(int $most): array
    {
        return ['units' => ['required', 'array', 'min:1', "max:{$most}"], 'units.*' => [$this->choices()]];
    }

    private function choices(): Fields
    {
        $required = ['shape', 'fan', 'filter', 'joining', 'corners', 'units'];

        return new Fields(
            ['units' => FieldType::Whole, 'options' => FieldType::Texts] + array_fill_keys([...$required, 'speed', 'prefilter', 'direction'], FieldType::Text),
            $required,
        );
    }

    /** @return list<array<string, mixed>> */
    public function units(): array
    {
        /** @var list<array<string, mixed>> $units */
        $units = $this->validated('units');

        return array_map(fn (array $unit): array => array_map(fn (mixed $value): mixed => $value ?? '', $unit), $units);
    }

    /** @return array<string, mixed> */
    public function room(): array
    {
        /** @var array<string, mixed> $room */
        $room = $this->validated('room');

        return $room;
    }

    /** @return array<string, mixed>|null */
    public function unit(): ?array
    {
        $unit = $this->validated('unit');
        if (! is_array($unit)) {
            return null;
        }
        /** @var array{units: int|string, speed?: string|null, prefilter?: string|null, direction?: string|null, options?: array<string, string>|null} $unit */

        return [
            'units' => (int) $unit['units'], 'speed' => $unit['speed'] ?? '', 'prefilter' => $unit['prefilter'] ?? '', 'direction' => $unit['direction'] ?? '', 'options' => $unit['options'] ?? [],
        ] + $unit;
    }

    /** The programme whose own parts and settings hold, where one is named; closed to others. */
    public function programme(): ?Programme
    {
        if ($this->input('programme') === null) {
            return null;
        }
        $programme = Programme::query()->findOrFail($this->integer('programme'));
        Gate::authorize('view', $programme);

        return $programme;
    }

    public function goal(): string
    {
        return $this->string('goal')->toString();
    }
}
