<?php

namespace App\Http\Build;

use App\Models\Build;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Build', description: 'A design for a room, with its latest version')]
final readonly class BuildData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public VersionData $latest,
    ) {
    }

    public static function of(Build $build): self
    {
        return new self($build->id, $build->name, VersionData::of($build->latest));
    }
}
