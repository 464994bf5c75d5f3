<?php

namespace App\Http\Shared;

use Jornel\Core\Drawing\Stroke;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Stroke')]
final readonly class StrokeData
{
    private function __construct(
        #[OA\Property] public string $part,
        #[OA\Property(description: 'Material of a side, or what a mark shows')] public string $kind,
        #[OA\Property(description: 'Outline as SVG path data, mm')] public string $path,
        #[OA\Property(description: '0 in full light to 1 in the dark')] public float $shade,
    ) {
    }

    public static function of(Stroke $stroke): self
    {
        return new self(
            $stroke->part,
            $stroke->kind,
            $stroke->path(),
            $stroke->shade,
        );
    }
}
