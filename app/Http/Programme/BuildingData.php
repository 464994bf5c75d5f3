<?php

namespace App\Http\Programme;

use App\Actions\RoomAssessment;
use App\Http\Shared\Shown;
use Jornel\Core\Drawing\PlanSheet;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\JoinedRooms;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Building', description: 'Rooms that hang together by their doors, from above; strokes in mm with y down')]
final readonly class BuildingData
{
    /**
     * @param  list<BuildingRoomData>  $rooms
     * @param  array{x: float, y: float, width: float, height: float}  $frame
     * @param  list<string>  $faults
     */
    private function __construct(
        #[OA\Property] public Shown $floor_area,
        #[OA\Property] public Shown $volume,
        #[OA\Property(type: 'object', required: ['x', 'y', 'width', 'height'], properties: [
            new OA\Property(property: 'x', type: 'number'), new OA\Property(property: 'y', type: 'number'),
            new OA\Property(property: 'width', type: 'number'), new OA\Property(property: 'height', type: 'number'),
        ])] public array $frame,
        #[OA\Property(items: new OA\Items(ref: BuildingRoomData::class))] public array $rooms,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'Where the plans of the rooms do not go together')] public array $faults,
    ) {
    }

    /**
     * @param  array<string>  $names  of rooms, by key
     * @param  array<int>  $units  of all that stands in them, by key
     * @param  array<int, RoomAssessment>  $assessments  by key
     */
    public static function of(JoinedRooms $building, array $names, array $units, array $assessments): self
    {
        $rooms = [];
        foreach ($building->rooms as $key => $laid) {
            $rooms[] = BuildingRoomData::of((int) $key, $names[$key], ($assessments[(int) $key] ?? null)?->standing, $laid, RoomPlan::of($laid->plan, $units[$key], null, new PlanSheet($laid)));
        }

        return new self(
            Shown::of(Display::Area, $building->area()),
            Shown::of(Display::Volume, $building->volume()),
            self::frame($building),
            $rooms,
            $building->faults($names),
        );
    }

    /** @return array{x: float, y: float, width: float, height: float} */
    private static function frame(JoinedRooms $building): array
    {
        [$left, $front, $right, $back] = $building->frame();
        $sheet = new PlanSheet;
        [$high, $low] = [$sheet->see(new PlanePoint($left, $back)), $sheet->see(new PlanePoint($right, $front))];

        return ['x' => $high->x, 'y' => $high->y, 'width' => $low->x - $high->x, 'height' => $low->y - $high->y];
    }
}
