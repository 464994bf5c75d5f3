<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SettingRequest', required: ['currency', 'tariff', 'hours_per_day', 'years', 'changes', 'altitude', 'temperature', 'revision'], properties: [
    new OA\Property(property: 'currency', type: 'string'), new OA\Property(property: 'tariff', type: 'string'),
    new OA\Property(property: 'hours_per_day', type: 'string'), new OA\Property(property: 'years', type: 'string'), new OA\Property(property: 'changes', type: 'string'),
    new OA\Property(property: 'altitude', type: 'string', example: '1,200 ft'), new OA\Property(property: 'temperature', type: 'string', example: '20 °C'),
    new OA\Property(property: 'revision', type: 'integer', description: 'The one that was changed'),
])]
class SettingRequest extends StrictRequest
{
    public function rules(): array
    {
        $text = ['nullable', 'string', 'max:40'];

        return [
            'currency' => $text, 'tariff' => $text, 'hours_per_day' => $text, 'years' => $text, 'changes' => $text,
            // Room for a unit that was not written.
            'altitude' => ['nullable', 'string', 'max:36'], 'temperature' => ['nullable', 'string', 'max:36'], 'revision' => ['required', 'integer'],
        ];
    }
}
