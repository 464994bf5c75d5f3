<?php

namespace App\Http\Programme;

use App\Actions\RoomAssessment;
use App\Models\Placement;
use App\Models\Site;
use Jornel\Core\Plan\JoinedRooms;
use Jornel\Core\Plan\PlanEntry;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SitePlan', description: 'The rooms of a site, joined by their doors')]
final readonly class SitePlanData
{
    /**
     * @param  list<BuildingData>  $buildings
     * @param  list<string>  $unanswered
     */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $programme_id,
        #[OA\Property] public string $name,
        #[OA\Property(items: new OA\Items(ref: BuildingData::class))] public array $buildings,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'Doors that have none leading back')] public array $unanswered,
    ) {
    }

    /** @param  array<int, RoomAssessment>  $assessments  of its rooms */
    public static function of(Site $site, array $assessments): self
    {
        $plans = $names = $units = [];
        foreach ($site->rooms as $room) {
            // What was written is kept with its units, so that the measure does not matter.
            $plans[$room->id] = (new PlanEntry($room->entries(), System::Metric))->plan();
            $names[$room->id] = $room->name;
            $units[$room->id] = $room->placements->sum(fn (Placement $one): int => $one->count);
        }

        return new self(
            $site->id, $site->programme_id, $site->name,
            array_map(fn (JoinedRooms $building): BuildingData => BuildingData::of($building, $names, $units, $assessments), JoinedRooms::of($plans)),
            JoinedRooms::unanswered($plans, $names),
        );
    }
}
