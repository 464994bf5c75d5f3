<?php

namespace App\Http\Question;

use App\Http\Shared\StrokeData;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanSign', description: 'Something on a plan, in the order of the furnishings')]
final readonly class PlanSignData
{
    /** @param  list<StrokeData>  $strokes */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Where it came to stand, m')] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property(items: new OA\Items(ref: StrokeData::class))] public array $strokes,
    ) {
    }
}
