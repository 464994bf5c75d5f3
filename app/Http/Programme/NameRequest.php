<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NameRequest', required: ['name'], properties: [new OA\Property(property: 'name', type: 'string', maxLength: 80)])]
class NameRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give the programme a name.'];
    }
}
