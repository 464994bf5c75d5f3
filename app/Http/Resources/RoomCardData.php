<?php

namespace App\Http\Resources;

use App\Http\Resources\Drawing\StrokeData;
use App\Models\Room;
use Jornel\Core\Kit\Drawing\RoomPlan;
use Jornel\Core\Ledger\GoalShare;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomCard', description: 'A room as it stands in its programme')]
final readonly class RoomCardData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $use,
        #[OA\Property] public string $pollutant,
        #[OA\Property] public int $people,
        #[OA\Property] public Shown $floorArea,
        #[OA\Property] public string $goal,
        #[OA\Property] public Shown $asks,
        #[OA\Property(nullable: true, description: 'Its latest build')] public ?BuildData $build,
        #[OA\Property(description: 'Clean air of the latest build as a share of what the goal asks for; 0 without one')] public float $goalShare,
        #[OA\Property(description: 'Its floor as SVG path data, mm')] public string $plan,
        #[OA\Property(description: 'Longest side of a room in the programme, mm')] public float $sheet,
    ) {
    }

    /** @param  float  $longest side of a room in the programme, m */
    public static function of(Room $room, Ledger $ledger, float $longest): self
    {
        $build = $room->builds->last();

        return new self(
            $room->id, $room->name, $ledger->room->use->name, $ledger->room->pollutant->name, $room->people,
            Shown::of(Display::Area, $ledger->room->floorArea()), $ledger->goal->name(), Shown::of(Display::Flow, $ledger->asks),
            $build === null ? null : BuildData::of($build),
            $build === null ? 0.0 : round(GoalShare::of((float) $build->latest->clean_air_m3_s, $ledger->asks), 3),
            StrokeData::of(RoomPlan::of($ledger->room->plan)->floor[0])->path, round(1000.0 * $longest, 1),
        );
    }
}
