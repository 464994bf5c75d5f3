<?php

namespace App\Http\Programme;

use App\Actions\RoomAssessment;
use App\Http\Shared\Shown;
use Jornel\Core\Drawing\PlanSheet;
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
        #[OA\Property] public Shown $floor_area,
        #[OA\Property] public string $goal,
        #[OA\Property] public Shown $asks,
        #[OA\Property(description: 'Whether something was designed for it')] public bool $has_build,
        #[OA\Property(nullable: true, enum: ['meets', 'warns', 'short'], description: 'Of all that stands there; null where nothing does')] public ?string $standing,
        #[OA\Property(description: 'Clean air of all that stands there as a share of the needed clean air; 0 where nothing does')] public float $goal_share,
        #[OA\Property(nullable: true, description: 'To reach the goal, 0 to 1; null where nothing stands there')] public ?float $chance,
        #[OA\Property(nullable: true, enum: ['reaches', 'probably', 'probably-not', 'falls-short'], description: 'What that chance amounts to')] public ?string $likelihood,
        #[OA\Property(nullable: true, description: 'The same in words')] public ?string $verdict,
        #[OA\Property(description: 'Purifiers that stand there, of all kinds')] public int $purifiers,
        #[OA\Property(description: 'Its floor as SVG path data, mm')] public string $plan,
        #[OA\Property(description: 'What stands on it, the same')] public string $units,
        #[OA\Property(description: 'View box of a sheet on which the longest room of the programme would just lie, this one in its middle', example: '0 -5000 9000 7500')] public string $sheet,
    ) {
    }

    /** @param  float  $longest side of a room in the programme, m */
    public static function of(int $id, RoomAssessment $room, float $longest): self
    {
        return new self(
            $id, $room->name, $room->use, $room->pollutant, $room->people, Shown::of(Display::Area, $room->floorArea), $room->goal, Shown::of(Display::Flow, $room->asks ?? INF),
            $room->hasBuild, $room->standing, $room->share, $room->chance, $room->likelihood, $room->verdict, $room->purifiers,
            $room->plan, $room->units, PlanSheet::around($room->frame, $longest),
        );
    }
}
