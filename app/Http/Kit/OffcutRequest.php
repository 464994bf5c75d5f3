<?php

namespace App\Http\Kit;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'OffcutRequest', required: ['sheet', 'number'], properties: [new OA\Property(property: 'sheet', type: 'string'), new OA\Property(property: 'number', type: 'integer')])]
class OffcutRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['sheet' => ['required', 'string', 'max:100'], 'number' => ['required', 'integer', 'min:1', 'max:10000']];
    }
}
