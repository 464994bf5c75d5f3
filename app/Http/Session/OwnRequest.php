<?php

namespace App\Http\Session;

use App\Http\Shared\StrictRequest;
use Illuminate\Validation\Rule;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OwnRequest', description: 'How things are shown to whoever is signed in', properties: [
    new OA\Property(property: 'measure', type: 'string', enum: ['imperial', 'metric']), new OA\Property(property: 'colours', type: 'string', enum: ['light', 'dark']),
])]
class OwnRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['measure' => ['required_without:colours', Rule::enum(System::class)], 'colours' => ['nullable', 'in:light,dark']];
    }
}
