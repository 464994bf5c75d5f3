<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MisfitRequest', required: ['unit'], properties: [
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true, description: 'Whose own parts count as well'),
])]
class MisfitRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->unitRules('required'), 'programme' => ['nullable', 'integer']];
    }
}
