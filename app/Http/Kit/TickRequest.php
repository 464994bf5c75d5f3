<?php

namespace App\Http\Kit;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TickRequest', required: ['ticks'], properties: [
    new OA\Property(property: 'ticks', type: 'array', items: new OA\Items(type: 'object', required: ['part', 'ticked', 'at'], properties: [
        new OA\Property(property: 'part', type: 'string'), new OA\Property(property: 'ticked', type: 'boolean'),
        new OA\Property(property: 'at', type: 'integer', description: 'When it was ticked, ms since 1970: of two the later holds'),
    ])),
])]
class TickRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'ticks' => ['required', 'array', 'max:300'], 'ticks.*' => ['array:part,ticked,at'],
            'ticks.*.part' => ['required', 'string', 'max:80'], 'ticks.*.ticked' => ['required', 'boolean'], 'ticks.*.at' => ['required', 'integer', 'min:0', 'max:9999999999999'],
        ];
    }

    /** @return list<array{part: string, ticked: bool, at: int}> */
    public function ticks(): array
    {
        $rows = (array) $this->validated('ticks');
        ksort($rows);

        return array_values(array_map(fn (array $row): array => ['part' => (string) $row['part'], 'ticked' => (bool) $row['ticked'], 'at' => (int) $row['at']], $rows));
    }
}
