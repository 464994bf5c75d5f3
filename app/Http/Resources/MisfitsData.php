<?php

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Misfits', description: 'What would not fit in place of a choice, and why')]
final readonly class MisfitsData
{
    /**
     * @param  object  $fans  reason by id
     * @param  object  $filters  reason by id
     * @param  object  $shapes  reason by id
     */
    public function __construct(
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $fans,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $filters,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $shapes,
    ) {
    }
}
