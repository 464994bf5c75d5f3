<?php

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WorkingPoint', description: 'Where a fan’s curve meets that of its box, from 0 to 1 along both axes, the origin at the upper left')]
final readonly class WorkingPointData
{
    public function __construct(
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property(description: 'Through the filters of one unit')] public Shown $flow,
        #[OA\Property] public Shown $pressure,
    ) {
    }
}
