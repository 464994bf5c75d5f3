<?php

namespace App\Http\Question;

use App\Http\Shared\CornerData;
use App\Http\Shared\DrawingData;
use App\Http\Shared\Shown;
use App\Http\Shared\StrokeData;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Drawing\RoomScene;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Wall;
use Jornel\Core\Plan\DrawnCorner;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\PlanEdit;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Plan', description: 'A room seen from above and as it stands, true to scale; strokes in mm with y down')]
final readonly class PlanData
{
    /**
     * @param  list<CornerData>  $corners
     * @param  list<Shown>  $ceilings
     * @param  list<Shown>  $walls
     * @param  list<StrokeData>  $strokes
     * @param  list<PlanSignData>  $signs
     */
    private function __construct(
        #[OA\Property] public Shown $floor_area,
        #[OA\Property] public Shown $volume,
        #[OA\Property(description: 'Mean of the ceiling')] public Shown $height,
        #[OA\Property(items: new OA\Items(ref: CornerData::class), description: 'm with y up; also of a room that is a plain rectangle')] public array $corners,
        #[OA\Property(items: new OA\Items(ref: Shown::class), description: 'Over each corner')] public array $ceilings,
        #[OA\Property(items: new OA\Items(ref: Shown::class), description: 'Lengths, the one that begins at the first corner first')] public array $walls,
        #[OA\Property(items: new OA\Items(ref: StrokeData::class), description: 'Floor and walls, and units that were not placed by hand')] public array $strokes,
        #[OA\Property(items: new OA\Items(ref: PlanSignData::class))] public array $signs,
        #[OA\Property(description: 'The room from the front, with its far walls')] public DrawingData $standing,
        #[OA\Property(description: 'By as much things are moved with the keyboard, m')] public float $step,
    ) {
    }

    /** @param  Design|null  $design  what stands in it, so many times */
    public static function of(FloorPlan $plan, ?Design $design, int $units, System $system): self
    {
        $size = $design === null ? null : Measurements::of($design);
        $drawn = RoomPlan::of($plan, $units, $size === null ? null : [$size->width, $size->depth]);
        $strokes = fn (Stroke ...$strokes): array => array_map(fn (Stroke $stroke): StrokeData => StrokeData::of($stroke), array_values($strokes));

        return new self(
            Shown::of(Display::Area, $plan->area()),
            Shown::of(Display::Volume, $plan->volume()),
            Shown::of(Display::RoomLength, $plan->height()),
            array_map(fn (PlanePoint $corner, bool $taped): CornerData => CornerData::drawn(new DrawnCorner($corner->x, $corner->y, taped: $taped)), $plan->outline->corners, $plan->taped),
            array_map(fn (float $height): Shown => Shown::of(Display::RoomLength, $height), $plan->outline->heights),
            array_map(fn (Wall $wall): Shown => Shown::of(Display::RoomLength, $wall->length()), $plan->outline->walls()),
            $strokes(...$drawn->floor, ...$drawn->units),
            array_map(fn (Furnishing $one, array $sign): PlanSignData => new PlanSignData($one->kind->label(), $one->x, $one->y, $strokes(...$sign)), $plan->furnishings, $drawn->signs),
            DrawingData::of(Drawing::of(RoomScene::of($plan, $design?->scene(), $units)), [], [], Display::RoomLength),
            PlanEdit::step($system),
        );
    }
}
