<?php

namespace App\Http\Guide;

use App\Http\Shared\StrictRequest;
use Illuminate\Validation\Rule;
use Jornel\Core\Guide\TickKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'UnitTicksRequest', required: ['ticks'], properties: [
    new OA\Property(property: 'ticks', type: 'array', items: new OA\Items(type: 'object', required: ['key', 'step', 'kind', 'at'], properties: [
        new OA\Property(property: 'key', type: 'string', description: 'Of the phone’s own: what is sent twice is kept once'),
        new OA\Property(property: 'step', type: 'string'), new OA\Property(property: 'kind', type: 'string', enum: ['begun', 'done', 'undone', 'seen', 'unseen', 'note', 'wrong']),
        new OA\Property(property: 'hold', type: 'integer', nullable: true), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'photo', type: 'integer', nullable: true),
        new OA\Property(property: 'at', type: 'integer', description: 'When it was told, ms since 1970: of two the later holds'),
    ])),
])]
class UnitTicksRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'ticks' => ['required', 'array', 'max:300'], 'ticks.*' => ['array:key,step,kind,hold,text,photo,at'],
            'ticks.*.key' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,64}$/D'], 'ticks.*.step' => ['required', 'string', 'max:80'],
            'ticks.*.kind' => ['required', 'string', Rule::enum(TickKind::class)], 'ticks.*.hold' => ['nullable', 'integer', 'min:0', 'max:50'],
            'ticks.*.text' => ['nullable', 'string', 'max:1000'], 'ticks.*.photo' => ['nullable', 'integer', 'min:1', 'max:999999999999999'],
            'ticks.*.at' => ['required', 'integer', 'min:0', 'max:9999999999999'],
        ];
    }

    /** @return list<array{key: string, step: string, kind: string, hold: int|null, text: string, photo: int|null, at: int}> */
    public function ticks(): array
    {
        $rows = (array) $this->validated('ticks');
        ksort($rows);

        return array_values(array_map(fn (array $row): array => [
            'key' => (string) $row['key'], 'step' => (string) $row['step'], 'kind' => (string) $row['kind'],
            'hold' => isset($row['hold']) ? (int) $row['hold'] : null, 'text' => (string) ($row['text'] ?? ''), 'photo' => isset($row['photo']) ? (int) $row['photo'] : null, 'at' => (int) $row['at'],
        ], $rows));
    }
}
