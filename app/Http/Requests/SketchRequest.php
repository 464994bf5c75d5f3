<?php

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SketchRequest', required: ['units'], properties: [
    new OA\Property(property: 'units', type: 'array', maxItems: 24, items: new OA\Items(ref: '#/components/schemas/Choices')),
    new OA\Property(property: 'programme', type: 'integer', nullable: true, description: 'Whose own parts count as well'),
])]
class SketchRequest extends StrictRequest
{
    public const MOST = 24;

    public function rules(): array
    {
        $rules = ['units' => ['required', 'array', 'max:'.self::MOST], 'programme' => ['nullable', 'integer']];
        foreach ($this->unitRules('required') as $field => $own) {
            $rules['units.*'.substr($field, strlen('unit'))] = array_map(fn (string $rule): string => str_replace('required_with:unit', 'required', $rule), $own);
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
}
