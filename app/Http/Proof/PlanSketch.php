<?php

namespace App\Http\Proof;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanSketch', required: ['corners', 'unit', 'seats'], description: 'Of the room, m, for marking where a level is read', properties: [
    new OA\Property(property: 'corners', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanSpot')),
    new OA\Property(property: 'unit', ref: '#/components/schemas/PlanSpot'),
    new OA\Property(property: 'seats', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanSpot')),
])]
#[OA\Schema(schema: 'PlanSpot', required: ['x', 'y'], properties: [
    new OA\Property(property: 'x', type: 'number', description: 'm'), new OA\Property(property: 'y', type: 'number', description: 'm, from the front wall to the back'),
])]
final class PlanSketch
{
    /** @return array{corners: list<array{x: float, y: float}>, unit: array{x: float, y: float}, seats: list<array{x: float, y: float}>} */
    public static function of(FloorPlan $plan): array
    {
        $spot = fn (PlanePoint $point): array => ['x' => round($point->x, 2), 'y' => round($point->y, 2)];

        return [
            'corners' => array_map($spot, $plan->outline->corners),
            'unit' => $spot($plan->units(1)[0]->middle()),
            'seats' => array_map(fn (Furnishing $seat): array => $spot($seat->middle()), $plan->all(FurnishingKind::Seat)),
        ];
    }
}
