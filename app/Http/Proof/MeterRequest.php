<?php

namespace App\Http\Proof;

use App\Http\Shared\StrictRequest;
use App\Models\MeterKind;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MeterRequest', required: ['name', 'tells', 'driver', 'address'], properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'tells', type: 'string', enum: ['pm25', 'air-speed', 'level', 'power', 'outdoors']),
    new OA\Property(property: 'driver', type: 'string', enum: ['http', 'folder']), new OA\Property(property: 'address', type: 'string', description: 'http://..., or the name of a folder in that of the programme under var/meters'),
    new OA\Property(property: 'field', type: 'string', nullable: true, description: 'Of the value in a JSON answer, with dots: sensors.0.pm25'), new OA\Property(property: 'unit', type: 'string', nullable: true),
])]
class MeterRequest extends StrictRequest
{
    public function rules(): array
    {
        $tells = MeterKind::tryFrom($this->string('tells')->toString());

        return [
            'name' => ['required', 'string', 'max:60'], 'tells' => ['required', Rule::enum(MeterKind::class)], 'driver' => ['required', Rule::in(['http', 'folder'])],
            'address' => ['required', 'string', 'max:300', ...($this->input('driver') === 'folder' ? ['regex:/^[A-Za-z0-9_-]{1,60}$/D'] : [])],
            'field' => ['nullable', 'string', 'max:80', 'required_if:driver,http'],
            'unit' => ['nullable', Rule::in(array_map(fn ($unit): string => $unit->value, $tells?->units() ?? []))],
        ];
    }
}
