<?php

namespace App\Http\Guide;

use App\Models\Unit;
use Illuminate\Database\Eloquent\Builder;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'UnitLine', required: ['id', 'number', 'title', 'room', 'room_id', 'build', 'version', 'done', 'steps', 'started_at', 'started_by', 'made_at', 'made_by'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'number', type: 'integer'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'room', type: 'string'), new OA\Property(property: 'room_id', type: 'integer'), new OA\Property(property: 'build', type: 'string'), new OA\Property(property: 'version', type: 'integer', description: 'Its number in the build'),
    new OA\Property(property: 'done', type: 'integer', description: 'Steps that are done'), new OA\Property(property: 'steps', type: 'integer'),
    new OA\Property(property: 'started_at', type: 'string', format: 'date-time'), new OA\Property(property: 'started_by', type: 'string'),
    new OA\Property(property: 'made_at', type: 'string', format: 'date-time', nullable: true), new OA\Property(property: 'made_by', type: 'string'),
])]
final class UnitLineData
{
    /**
     * Units with all that is told of them here, and nothing of their guides and ticks.
     *
     * @return Builder<Unit>
     */
    public static function query(): Builder
    {
        $units = Unit::query();
        $units->with(['version:id,build_id,number', 'version.build:id,room_id,name', 'version.build.room:id,name', 'starter:id,name', 'maker:id,name'])
            ->select(['id', 'programme_id', 'version_id', 'number', 'name', 'steps', 'done_steps', 'started_at', 'started_by', 'made_at', 'made_by']);

        return $units;
    }

    /** @return array<string, mixed> */
    public static function of(Unit $unit): array
    {
        return [
            'id' => $unit->id, 'number' => $unit->number, 'title' => $unit->title(),
            'room' => $unit->version->build->room->name, 'room_id' => $unit->version->build->room_id, 'build' => $unit->version->build->name, 'version' => $unit->version->number,
            'done' => $unit->done_steps, 'steps' => $unit->steps,
            'started_at' => $unit->started_at->toIso8601String(), 'started_by' => $unit->starter->name ?? '',
            'made_at' => $unit->made_at?->toIso8601String(), 'made_by' => $unit->maker->name ?? '',
        ];
    }
}
