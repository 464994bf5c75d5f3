<?php

namespace App\Http\Question;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Misfits;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Misfits', description: 'What would not fit in place of a choice, and why')]
final readonly class MisfitsData
{
    /**
     * @param  object  $fans  reason by id
     * @param  object  $filters  reason by id
     * @param  object  $prefilters  reason by id
     * @param  object  $shapes  reason by id
     * @param  object  $instead  parts by id of the shape
     */
    private function __construct(
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $fans,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $filters,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $prefilters,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public object $shapes,
        #[OA\Property(type: 'object', description: 'Parts with which a shape that would not fit can be made', additionalProperties: new OA\AdditionalProperties(type: 'object', required: ['fan', 'filter', 'says'], properties: [
            new OA\Property(property: 'fan', type: 'string'), new OA\Property(property: 'filter', type: 'string'), new OA\Property(property: 'says', type: 'string'),
        ]))] public object $instead,
    ) {
    }

    public static function of(Misfits $misfits): self
    {
        return new self(
            (object) $misfits->fans, (object) $misfits->filters, (object) $misfits->prefilters, (object) $misfits->shapes,
            (object) array_map(fn (Design $design): array => [
                'fan' => $design->fan->id, 'filter' => $design->filter->id, 'says' => $design->partsTold(),
            ], $misfits->instead),
        );
    }
}
