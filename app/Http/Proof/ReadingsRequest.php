<?php

namespace App\Http\Proof;

use App\Http\Shared\StrictRequest;
use App\Models\EvidenceSource;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ReadingsRequest', required: ['readings'], properties: [
    new OA\Property(property: 'readings', type: 'array', maxItems: 200, items: new OA\Items(type: 'object', required: ['key', 'place', 'entered', 'source', 'at'], properties: [
        new OA\Property(property: 'key', type: 'string', description: 'Of the client’s own: what is sent twice is kept once'),
        new OA\Property(property: 'place', type: 'string', description: 'Point of a tissue test, row-column of a traverse, on-1 or off-1 of a level, on-1@1.20,0.85 where it is marked on the plan (m), a speed of watts, a run of a decay test'),
        new OA\Property(property: 'entered', type: 'string', description: 'As it was entered: 240 fpm, 51.2, in, still, out; of a run its name'),
        new OA\Property(property: 'source', type: 'string', enum: ['typed', 'file', 'phone', 'meter'], description: 'How it came; of a run its log says it'),
        new OA\Property(property: 'meter', type: 'string', nullable: true, description: 'Name of the meter that told it'),
        new OA\Property(property: 'at', type: 'integer', description: 'When it was told, milliseconds since 1970'),
        new OA\Property(property: 'photo', type: 'integer', nullable: true, description: 'Photo of the unit that shows the place'),
        new OA\Property(property: 'log', type: 'integer', nullable: true, description: 'Of a run'),
        new OA\Property(property: 'unit_on', type: 'boolean', nullable: true, description: 'Of a run: whether the unit ran'),
        new OA\Property(property: 'from_min', type: 'number', nullable: true, description: 'Of a run: where its stretch begins; found where not given'),
        new OA\Property(property: 'to_min', type: 'number', nullable: true),
    ])),
])]
class ReadingsRequest extends StrictRequest
{
    public const MOST = 200;

    public function rules(): array
    {
        return [
            'readings' => ['required', 'array', 'min:1', 'max:'.self::MOST],
            'readings.*.key' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,64}$/D'],
            'readings.*.place' => ['required', 'string', 'max:60'],
            'readings.*.entered' => ['required', 'string', 'max:80'],
            'readings.*.source' => ['required', Rule::enum(EvidenceSource::class)],
            'readings.*.meter' => ['nullable', 'string', 'max:60', 'required_if:readings.*.source,meter'],
            'readings.*.at' => ['required', 'integer', 'min:0', 'max:99999999999999'],
            'readings.*.photo' => ['nullable', 'integer'],
            'readings.*.log' => ['nullable', 'integer'],
            'readings.*.unit_on' => ['nullable', 'boolean'],
            'readings.*.from_min' => ['nullable', 'numeric', 'min:0', 'max:1000000'],
            'readings.*.to_min' => ['nullable', 'numeric', 'min:0', 'max:1000000'],
        ];
    }

    /** @return list<array{key: string, place: string, entered: string, source: EvidenceSource, meter: string|null, at: int, log: int|null, detail: array<string, bool|float|int>}> */
    public function readings(): array
    {
        $readings = [];
        /** @var array<string, mixed> $row */
        foreach ($this->array('readings') as $row) {
            $text = fn (string $key): string => is_string($row[$key] ?? null) ? $row[$key] : '';
            $detail = array_filter([
                'photo' => is_numeric($row['photo'] ?? null) ? (int) $row['photo'] : null,
                'unit_on' => isset($row['unit_on']) ? (bool) $row['unit_on'] : null,
                'from_min' => is_numeric($row['from_min'] ?? null) ? (float) $row['from_min'] : null,
                'to_min' => is_numeric($row['to_min'] ?? null) ? (float) $row['to_min'] : null,
            ], fn (mixed $value): bool => $value !== null);
            $readings[] = [
                'key' => $text('key'), 'place' => $text('place'), 'entered' => trim($text('entered')), 'source' => $source = EvidenceSource::tryFrom($text('source')) ?? EvidenceSource::Typed, 'meter' => $source === EvidenceSource::Meter ? $text('meter') : null,
                'at' => is_numeric($row['at'] ?? null) ? (int) $row['at'] : 0, 'log' => is_numeric($row['log'] ?? null) ? (int) $row['log'] : null, 'detail' => $detail,
            ];
        }

        return $readings;
    }
}
