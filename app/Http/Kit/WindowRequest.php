<?php

namespace App\Http\Kit;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WindowRequest', required: ['width', 'height'], properties: [new OA\Property(property: 'width', type: 'string', example: '35 1/2'), new OA\Property(property: 'height', type: 'string')])]
class WindowRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['width' => ['nullable', 'string', 'max:40'], 'height' => ['nullable', 'string', 'max:40']];
    }
}
