<?php

namespace App\Http\Resources;

use App\Http\Resources\Drawing\StrokeData;
use App\Models\Room;
use Jornel\Core\Kit\Drawing\RoomPlan;
use Jornel\Core\Kit\Drawing\Stroke;
use Jornel\Core\Ledger\GoalShare;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Room\Plan\FloorPlan;
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
        #[OA\Property(description: 'The units of its latest build on it, the same')] public string $units,
        #[OA\Property(description: 'View box of a sheet on which the longest room of the programme would just lie, this one in its middle', example: '0 -5000 9000 7500')] public string $sheet,
    ) {
    }

    /** @param  float  $longest side of a room in the programme, m */
    public static function of(Room $room, Ledger $ledger, float $longest): self
    {
        $build = $room->builds->last();
        $drawn = RoomPlan::of($ledger->room->plan, $build->latest->units ?? 0);

        return new self(
            $room->id, $room->name, $ledger->room->use->name, $ledger->room->pollutant->name, $room->people,
            Shown::of(Display::Area, $ledger->room->floorArea()), $ledger->goal->name(), Shown::of(Display::Flow, $ledger->asks),
            $build === null ? null : BuildData::of($build),
            $build === null ? 0.0 : round(GoalShare::of((float) $build->latest->clean_air_m3_s, $ledger->asks), 3),
            self::paths($drawn->floor, 'plan-floor'), self::paths($drawn->all(), 'plan-unit'), self::sheet($ledger->room->plan, $longest),
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

    private static function sheet(FloorPlan $plan, float $longest): string
    {
        [$left, $front, $right, $back] = $plan->frame();
        [$width, $height] = [1080.0 * $longest, 900.0 * $longest];

        return sprintf('%.0f %.0f %.0f %.0f', 500.0 * ($left + $right) - $width / 2.0, -500.0 * ($front + $back) - $height / 2.0, $width, $height);
    }
}
