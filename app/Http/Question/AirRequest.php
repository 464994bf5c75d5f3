<?php

namespace App\Http\Question;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AirRequest', required: ['room', 'goal', 'unit', 'hours'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'goal', type: 'string', example: 'air-changes-5'),
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices'),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true),
    new OA\Property(property: 'version', type: 'integer', nullable: true),
    new OA\Property(property: 'start', type: 'string', description: 'Concentration at the beginning; empty for that outdoors', example: '120 µg/m³'),
    new OA\Property(property: 'hours', type: 'integer', enum: [1, 24]),
])]
class AirRequest extends EvaluationRequest
{
    public function rules(): array
    {
        return ['start' => ['nullable', 'string', 'max:40'], 'hours' => ['required', 'integer', 'in:1,24']] + parent::rules();
    }
}
