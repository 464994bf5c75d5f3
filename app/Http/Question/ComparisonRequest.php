<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use Jornel\Core\Ledger\Comparison;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ComparisonRequest', required: ['room', 'goal', 'units'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'goal', type: 'string'),
    new OA\Property(property: 'units', type: 'array', minItems: 1, maxItems: 4, items: new OA\Items(ref: '#/components/schemas/Choices')),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true),
])]
class ComparisonRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->roomRules(), ...$this->goalRules(), ...$this->unitsRules(Comparison::MOST), ...$this->besideRules(), 'programme' => ['nullable', 'integer']];
    }
}
