<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PartLabel', description: 'Numbers that stand on a part')]
final readonly class LabelData
{
    /** @param  list<Shown>  $lines */
    public function __construct(
        #[OA\Property] public string $part,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Where it points to, mm')] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property(items: new OA\Items(ref: Shown::class))] public array $lines,
    ) {
    }
}
