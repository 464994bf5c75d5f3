<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WallRequest', required: ['room', 'wall', 'length'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'wall', type: 'integer', description: 'From 0, the one that begins at the first corner'),
    new OA\Property(property: 'length', type: 'string', example: '12\' 6"', description: 'As the tape gave it'),
])]
class WallRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->roomRules(), 'wall' => ['required', 'integer', 'min:0', 'max:60'], 'length' => ['nullable', 'string', 'max:80']];
    }
}
