<?php

namespace App\Http\Requests;

use App\Models\Programme;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Gate;

/** A request that refuses keys it does not know, each at its path. */
abstract class StrictRequest extends FormRequest
{
    public const UNKNOWN = 'This key is not known here.';

    /** @return array<string, list<mixed>> */
    abstract public function rules(): array;

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $known = $this->known();
            foreach (array_keys(Arr::dot($this->json()->all())) as $path) {
                if (preg_match($known, (string) $path) !== 1) {
                    $validator->errors()->add((string) $path, self::UNKNOWN);
                }
            }
        }];
    }

    /** Pattern of the paths that have a rule; what lies in rows is theirs to know. */
    private function known(): string
    {
        $paths = [];
        foreach ($this->rules() as $path => $rules) {
            $inRows = Arr::first($rules, fn (mixed $rule): bool => $rule instanceof Rows) !== null;
            $paths[] = str_replace('\\*', '.+', preg_quote($path, '/')).($inRows ? '(\..*)?' : '');
        }

        return '/^('.implode('|', $paths).')$/Ds';
    }

    /** @return array<string, list<mixed>> rules for a room as it is written down; its values are the core's to judge */
    protected function roomRules(): array
    {
        $text = ['nullable', 'string', 'max:80'];

        return [
            'room' => ['required', 'array'],
            'room.name' => $text, 'room.use' => $text,
            'room.length' => $text, 'room.width' => $text, 'room.height' => $text,
            'room.people' => $text, 'room.pollutant' => $text, 'room.noise_limit' => $text,
            'room.has_fuel_burning' => ['required', 'boolean'],
            'room.outdoor' => $text, 'room.leakiness' => $text,
            'room.ventilation' => $text, 'room.central' => $text, 'room.central_grade' => $text,
            'room.outline' => ['nullable', new Rows(['x' => ColumnType::Number, 'y' => ColumnType::Number, 'height' => ColumnType::Text, 'taped' => ColumnType::Flag], ['x', 'y'])],
            'room.furnishings' => ['nullable', new Rows([
                'kind' => ColumnType::Text, 'x' => ColumnType::Number, 'y' => ColumnType::Number, 'leads_to' => ColumnType::Text,
                'width' => ColumnType::Text, 'depth' => ColumnType::Text, 'height' => ColumnType::Text,
            ], ['kind', 'x', 'y'])],
            'goal' => ['required', 'string', 'max:60'],
        ];
    }

    /** @return array<string, list<mixed>> rules for a unit as it is chosen */
    protected function unitRules(string $presence): array
    {
        $id = ['required_with:unit', 'string', 'max:80'];

        return [
            'unit' => [$presence, 'array'],
            'unit.shape' => $id, 'unit.fan' => $id, 'unit.filter' => $id, 'unit.joining' => $id, 'unit.corners' => $id,
            'unit.units' => ['required_with:unit', 'integer'],
            'unit.speed' => ['nullable', 'string', 'max:20'],
            'unit.prefilter' => ['nullable', 'string', 'max:80'], 'unit.direction' => ['nullable', 'string', 'max:8'],
            'unit.options' => ['nullable', 'array'], 'unit.options.*' => ['string', 'max:40'],
        ];
    }

    /** @return array<string, list<mixed>> rules for several units, each as it is chosen */
    protected function unitsRules(int $most): array
    {
        $rules = ['units' => ['required', 'array', 'min:1', "max:{$most}"]];
        foreach ($this->unitRules('required') as $field => $own) {
            $rules['units.*'.substr($field, strlen('unit'))] = array_map(fn (mixed $rule): mixed => is_string($rule) ? str_replace('required_with:unit', 'required', $rule) : $rule, $own);
        }

        return $rules;
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
        $programme = Programme::query()->with('parts')->findOrFail($this->integer('programme'));
        Gate::authorize('view', $programme);

        return $programme;
    }

    public function goal(): string
    {
        return $this->string('goal')->toString();
    }
}
