<?php

namespace App\Http\Stock;

use App\Http\Shared\StrictRequest;
use Jornel\Core\Kit\StockMove;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'KitRequest', required: ['move'], properties: [
    new OA\Property(property: 'move', type: 'string', enum: ['reserved', 'used', 'returned'], description: 'All that is free and wanted is reserved; all that is reserved is used, or given back'),
])]
class KitRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['move' => ['required', 'in:reserved,used,returned']];
    }

    public function move(): StockMove
    {
        return StockMove::from($this->string('move')->toString());
    }
}
