<?php

namespace App\Http\Room;

use App\Actions\StandsThere;
use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlacementsRequest', required: ['placements', 'revision'], properties: [
    new OA\Property(property: 'placements', type: 'array', items: new OA\Items(ref: '#/components/schemas/Placement')),
    new OA\Property(property: 'revision', type: 'integer', description: 'Of the room as it was last read'),
])]
class PlacementsRequest extends StrictRequest
{
    public function rules(): array
    {
        return [...$this->besideRules('placements'), 'placements' => ['present', 'array', 'max:'.StandsThere::MOST], 'revision' => ['required', 'integer']];
    }
}
