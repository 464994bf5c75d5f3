<?php

namespace App\Http\Programme;

use App\Models\Programme;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ProgrammeName')]
final readonly class ProgrammeNameData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $about,
        #[OA\Property] public bool $is_archived,
    ) {
    }

    public static function of(Programme $programme): self
    {
        return new self($programme->id, $programme->name, $programme->about, $programme->archived_at !== null);
    }
}
