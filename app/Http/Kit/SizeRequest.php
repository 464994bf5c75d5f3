<?php

namespace App\Http\Kit;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SizeRequest', required: ['kind', 'code', 'path', 'entry'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['fan', 'filter']), new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'path', type: 'string', example: 'body.side'), new OA\Property(property: 'entry', type: 'string', example: '19 1/2'),
])]
class SizeRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['kind' => ['required', 'in:fan,filter'], 'code' => ['required', 'string', 'max:80'], 'path' => ['required', 'string', 'max:40'], 'entry' => ['nullable', 'string', 'max:40']];
    }
}
