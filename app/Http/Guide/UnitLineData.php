<?php

namespace App\Http\Guide;

use App\Models\Unit;
use Jornel\Core\Guide\Progress;
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
    /** What of a unit is told with it. */
    public const WITH = ['ticks.person', 'version.build.room', 'starter', 'maker'];

    /** @return array<string, mixed> */
    public static function of(Unit $unit, Progress $progress): array
    {
        return [
            'id' => $unit->id, 'number' => $unit->number, 'title' => $unit->title(),
            'room' => $unit->version->build->room->name, 'room_id' => $unit->version->build->room_id, 'build' => $unit->version->build->name, 'version' => $unit->version->number,
            'done' => count(array_filter($unit->guide, fn (array $step): bool => $progress->isDone($step['id']))), 'steps' => count($unit->guide),
            'started_at' => $unit->started_at->toIso8601String(), 'started_by' => $unit->starter->name ?? '',
            'made_at' => $unit->made_at?->toIso8601String(), 'made_by' => $unit->maker->name ?? '',
        ];
    }
}
