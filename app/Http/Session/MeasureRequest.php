<?php

namespace App\Http\Session;

use App\Http\Shared\StrictRequest;
use Illuminate\Validation\Rule;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MeasureRequest', required: ['measure'], properties: [
    new OA\Property(property: 'measure', type: 'string', enum: ['imperial', 'metric']),
])]
class MeasureRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['measure' => ['required', Rule::enum(System::class)]];
    }
}
