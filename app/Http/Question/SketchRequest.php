<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SketchRequest', required: ['units'], properties: [
    new OA\Property(property: 'units', type: 'array', maxItems: 24, items: new OA\Items(ref: '#/components/schemas/Choices')),
    new OA\Property(property: 'programme', type: 'integer', nullable: true, description: 'Whose own parts count as well'),
])]
class SketchRequest extends StrictRequest
{
    private const MOST = 24;

    public function rules(): array
    {
        return [...$this->unitsRules(self::MOST), 'programme' => ['nullable', 'integer']];
    }
}
