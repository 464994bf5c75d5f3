<?php

namespace App\Http\Programme;

use App\Http\Build\BuildData;
use App\Http\Shared\Shown;
use App\Http\Shared\StrokeData;
use App\Models\Room;
use Jornel\Core\Drawing\PlanSheet;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\RoomResult;
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
        #[OA\Property(nullable: true, description: 'Its latest build')] public ?BuildData $build,
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
    public static function of(Room $room, Ledger $ledger, ?RoomResult $result, float $longest): self
    {
        $build = $room->builds->last();
        $drawn = RoomPlan::of($ledger->room->plan, $result->purifiers ?? 0);

        return new self(
            $room->id, $room->name, $ledger->room->use->name, $ledger->room->pollutant->name, $room->people,
            Shown::of(Display::Area, $ledger->room->floorArea()), $ledger->goal->name(), Shown::of(Display::Flow, $ledger->asks),
            $build === null ? null : BuildData::of($build),
            round($result->share ?? 0.0, 3), $result === null ? null : round($result->chance, 4), $result?->likelihood->id, $result?->likelihood->name, $result->purifiers ?? 0,
            self::paths($drawn->floor, 'plan-floor'), self::paths($drawn->all(), 'plan-unit'), PlanSheet::around($ledger->room->plan, $longest),
        );
    }

    /** @param  list<Stroke>  $strokes */
    private static function paths(array $strokes, string $kind): string
    {
        return implode('', array_map(
            fn (Stroke $stroke): string => StrokeData::of($stroke)->path,
            array_filter($strokes, fn (Stroke $stroke): bool => $stroke->kind === $kind),
        ));
    }
}
