<?php

namespace App\Http\Question;

use App\Http\Shared\CornerData;
use App\Http\Shared\FurnishingData;
use Jornel\Core\Plan\PlanEdit;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'EditedPlan', description: 'Entries of a room after its plan was changed, and the plan drawn')]
final readonly class EditedPlanData
{
    /**
     * @param  list<CornerData>  $outline
     * @param  list<FurnishingData>  $furnishings
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: CornerData::class), description: 'Empty for a plain rectangle')] public array $outline,
        #[OA\Property(items: new OA\Items(ref: FurnishingData::class))] public array $furnishings,
        #[OA\Property(description: 'Of the ceiling; a usual one where none was entered')] public string $height,
        #[OA\Property(nullable: true, description: 'Null where it cannot be a room')] public ?PlanData $plan,
    ) {
    }

    /** @param  bool  $isDrawn  whether the room is drawn by its corners; else it is a plain rectangle */
    public static function of(PlanEdit $edit, bool $isDrawn, string $height, ?PlanData $plan): self
    {
        return new self($isDrawn ? array_map(CornerData::drawn(...), $edit->corners) : [], array_map(FurnishingData::drawn(...), $edit->things), $height, $plan);
    }
}
