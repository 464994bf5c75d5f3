<?php

namespace App\Http\Build;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'VersionRequest', required: ['unit', 'based_on', 'keep_figures'], properties: [
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices'),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'based_on', type: 'integer', description: 'Number of the version it was made from'),
    new OA\Property(property: 'keep_figures', type: 'boolean', description: 'Keep the copies of part figures of that version'),
])]
class VersionRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->unitRules('required'), ...$this->besideRules(), 'based_on' => ['required', 'integer'], 'keep_figures' => ['required', 'boolean']];
    }
}
