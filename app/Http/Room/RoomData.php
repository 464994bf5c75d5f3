<?php

namespace App\Http\Room;

use App\Http\Build\BuildData;
use App\Http\Shared\PlacementData;
use App\Http\Shared\RoomEntriesData;
use App\Models\Build;
use App\Models\Placement;
use App\Models\Room;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Room')]
final readonly class RoomData
{
    /**
     * @param  list<BuildData>  $builds
     * @param  list<PlacementData>  $placements
     */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $programme_id,
        #[OA\Property] public int $site_id,
        #[OA\Property] public string $site,
        #[OA\Property] public RoomEntriesData $entries,
        #[OA\Property] public string $goal,
        #[OA\Property(description: 'Grows with every change; send it back to change the room')] public int $revision,
        #[OA\Property(nullable: true, description: 'Who changed it last')] public ?string $changed_by,
        #[OA\Property(enum: ['measured', 'designed'], description: 'How far the work has come')] public string $stage,
        #[OA\Property(items: new OA\Items(ref: BuildData::class))] public array $builds,
        #[OA\Property(items: new OA\Items(ref: PlacementData::class), description: 'What stands in it')] public array $placements,
    ) {
    }

    public static function of(Room $room): self
    {
        return new self(
            $room->id, $room->programmeId(), $room->site_id, $room->site->name, RoomEntriesData::of($room->entries()), $room->goal, $room->revision, $room->changer?->name,
            $room->builds->isEmpty() ? 'measured' : 'designed',
            array_values($room->builds->map(fn (Build $build): BuildData => BuildData::of($build))->all()),
            array_values($room->placements->map(fn (Placement $one): PlacementData => PlacementData::of($one))->all()),
        );
    }
}
