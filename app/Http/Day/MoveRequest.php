<?php

namespace App\Http\Day;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MoveRequest', required: ['task', 'start', 'people', 'revision'], properties: [
    new OA\Property(property: 'task', type: 'string'), new OA\Property(property: 'start', type: 'number', description: 'Minute of the day'), new OA\Property(property: 'people', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'revision', type: 'integer'),
])]
class MoveRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['task' => ['required', 'string', 'max:120'], 'start' => ['required', 'numeric', 'min:0', 'max:3000'], 'people' => ['required', 'array', 'max:10'], 'people.*' => ['string', 'max:60'], 'revision' => ['required', 'integer']];
    }
}
