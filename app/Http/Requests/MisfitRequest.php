<?php

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MisfitRequest', required: ['unit'], properties: [new OA\Property(property: 'unit', ref: '#/components/schemas/Choices')])]
class MisfitRequest extends StrictRequest
{
    public function rules(): array
    {
        return $this->unitRules('required');
    }
}
