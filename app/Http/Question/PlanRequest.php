<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanRequest', required: ['room'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices', nullable: true, description: 'What stands in it'),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true, description: 'Whose own parts hold'),
])]
class PlanRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->roomRules(), ...$this->unitRules('nullable'), ...$this->besideRules(), 'programme' => ['nullable', 'integer']];
    }
}
