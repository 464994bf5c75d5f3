<?php

namespace App\Http\Programme;

use App\Http\Shared\Shown;
use App\Http\Shared\StrokeData;
use Jornel\Core\Drawing\PlanSheet;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Plan\LaidRoom;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BuildingRoom')]
final readonly class BuildingRoomData
{
    /** @param  list<StrokeData>  $strokes */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(nullable: true, enum: ['meets', 'warns', 'short'], description: 'Of all that stands there; null where nothing does')] public ?string $standing,
        #[OA\Property(description: 'Of the middle of its floor, mm')] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public Shown $floor_area,
        #[OA\Property] public Shown $volume,
        #[OA\Property(items: new OA\Items(ref: StrokeData::class))] public array $strokes,
    ) {
    }

    public static function of(int $id, string $name, ?string $standing, LaidRoom $laid, RoomPlan $drawn): self
    {
        $at = (new PlanSheet($laid))->see($laid->plan->outline->middle());

        return new self(
            $id, $name, $standing, $at->x, $at->y, Shown::of(Display::Area, $laid->plan->area()), Shown::of(Display::Volume, $laid->plan->volume()),
            array_map(fn (Stroke $stroke): StrokeData => StrokeData::of($stroke), $drawn->all()),
        );
    }
}
