<?php

namespace App\Http\Question;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Wishes',
    description: 'What builds are held to, as written; empty for no limit',
    required: ['level', 'seat', 'first_cost', 'total_cost', 'footprint', 'height', 'power', 'minutes', 'tools', 'skills', 'from_stock', 'windows', 'prefilters', 'coarser', 'units'],
    properties: [
        new OA\Property(property: 'level', type: 'string', example: '45 dBA'), new OA\Property(property: 'seat', type: 'string', example: '6 ft'),
        new OA\Property(property: 'first_cost', type: 'string'), new OA\Property(property: 'total_cost', type: 'string'),
        new OA\Property(property: 'footprint', type: 'string'), new OA\Property(property: 'height', type: 'string'),
        new OA\Property(property: 'power', type: 'string'), new OA\Property(property: 'minutes', type: 'string'),
        new OA\Property(property: 'tools', type: 'array', nullable: true, items: new OA\Items(type: 'string'), description: 'At hand; null where they are no limit'),
        new OA\Property(property: 'skills', type: 'array', nullable: true, items: new OA\Items(type: 'string'), description: 'At hand; null where they are no limit'),
        new OA\Property(property: 'from_stock', type: 'boolean'), new OA\Property(property: 'windows', type: 'boolean'), new OA\Property(property: 'prefilters', type: 'boolean', description: 'Coarse filters in front as well'), new OA\Property(property: 'coarser', type: 'boolean'),
        new OA\Property(property: 'trials', type: 'boolean', description: 'Joinings as well that are a trial, such as suction alone'),
        new OA\Property(property: 'units', type: 'integer', minimum: 1, maximum: 4),
        new OA\Property(property: 'sure', type: 'number', description: 'Chance to reach the goal that is asked for, 0.5 to 0.99'),
    ],
)]
final readonly class WishesData
{
}
