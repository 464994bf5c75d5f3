<?php

namespace App\Http\Build;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BuildRequest', required: ['name', 'unit'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices'),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
])]
class BuildRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80'], ...$this->unitRules('required'), ...$this->besideRules()];
    }
}
