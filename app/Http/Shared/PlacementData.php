<?php

namespace App\Http\Shared;

use App\Models\Placement;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Placement', description: 'Purifiers alike that stand in a room: units of one of its builds, or some that were bought')]
final readonly class PlacementData
{
    private function __construct(
        #[OA\Property(nullable: true, description: 'A build of the room; null for what was bought')] public ?int $build,
        #[OA\Property(nullable: true)] public ?PurifierData $bought,
        #[OA\Property(minimum: 1)] public int $count,
        #[OA\Property(description: 'Of a build’s fan; empty for what was bought')] public string $speed,
    ) {
    }

    public static function of(Placement $placement): self
    {
        return new self($placement->build_id, $placement->bought === null ? null : PurifierData::of($placement->bought), $placement->count, $placement->speed);
    }
}
