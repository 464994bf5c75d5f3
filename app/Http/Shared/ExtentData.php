<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Extent', description: 'A dimension between two points, and how far off its line stands, mm')]
final readonly class ExtentData
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public Shown $length,
        #[OA\Property] public float $x1,
        #[OA\Property] public float $y1,
        #[OA\Property] public float $x2,
        #[OA\Property] public float $y2,
        #[OA\Property] public float $dx,
        #[OA\Property] public float $dy,
    ) {
    }
}
