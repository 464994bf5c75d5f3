<?php

namespace App\Http\Guide;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'UnitRequest', properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'made', type: 'boolean', description: 'Whether it is finished'),
    new OA\Property(property: 'is_open', type: 'boolean', description: 'Whether its page can be read without signing in'), new OA\Property(property: 'revision', type: 'integer'),
])]
class UnitRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:80'], 'made' => ['nullable', 'boolean'], 'is_open' => ['nullable', 'boolean'],
            'revision' => [$this->isMethod('PATCH') ? 'required' : 'prohibited', 'integer'],
        ];
    }
}
