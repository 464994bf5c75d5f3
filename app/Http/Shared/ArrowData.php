<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AirArrow')]
final readonly class ArrowData
{
    public function __construct(
        #[OA\Property] public string $part,
        #[OA\Property(enum: ['intake', 'outlet', 'bypass'])] public string $kind,
        #[OA\Property] public float $x1,
        #[OA\Property] public float $y1,
        #[OA\Property] public float $x2,
        #[OA\Property] public float $y2,
        #[OA\Property(description: 'Share of the fan’s air that goes this way, 0 to 1')] public float $share,
        #[OA\Property(description: 'Whether it runs on the far side, behind what is drawn')] public bool $behind,
    ) {
    }
}
