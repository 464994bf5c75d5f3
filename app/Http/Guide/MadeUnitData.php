<?php

namespace App\Http\Guide;

use App\Models\Unit;
use App\Sheet\OwnAddress;
use App\Sheet\QrCode;
use Jornel\Core\Caution\Cautions;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideChange;
use Jornel\Core\Guide\LearnedTimes;
use Jornel\Core\Guide\Progress;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MadeUnit', required: ['id', 'number', 'name', 'title', 'programme_id', 'room', 'room_id', 'site', 'build', 'version_id', 'version', 'started_at', 'started_by', 'made_at', 'made_by', 'is_open', 'address', 'is_reachable', 'code', 'revision', 'may_build', 'steps', 'left_minutes', 'changes'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'number', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'programme_id', type: 'integer'), new OA\Property(property: 'room', type: 'string'), new OA\Property(property: 'room_id', type: 'integer'), new OA\Property(property: 'site', type: 'string'), new OA\Property(property: 'build', type: 'string'),
    new OA\Property(property: 'version_id', type: 'integer'), new OA\Property(property: 'version', type: 'integer', description: 'Its number in the build'),
    new OA\Property(property: 'started_at', type: 'string', format: 'date-time'), new OA\Property(property: 'started_by', type: 'string'),
    new OA\Property(property: 'made_at', type: 'string', format: 'date-time', nullable: true), new OA\Property(property: 'made_by', type: 'string'),
    new OA\Property(property: 'is_open', type: 'boolean', description: 'Whether its page can be read without signing in'), new OA\Property(property: 'address', type: 'string', description: 'Of that page'), new OA\Property(property: 'is_reachable', type: 'boolean', description: 'Whether a phone can come there'), new OA\Property(property: 'code', type: 'string', description: 'QR code of the address, as SVG'),
    new OA\Property(property: 'revision', type: 'integer'), new OA\Property(property: 'may_build', type: 'boolean'),
    new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/GuideStep')),
    new OA\Property(property: 'left_minutes', type: 'integer', description: 'Of work on what is not done, at the pace of whoever asks'),
    new OA\Property(property: 'changes', type: 'object', required: ['added', 'dropped', 'changed'], description: 'What the build has changed since it was begun', properties: [
        new OA\Property(property: 'added', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'dropped', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'changed', type: 'array', items: new OA\Items(type: 'string')),
    ]),
])]
final class MadeUnitData
{
    /** @return array<string, mixed> */
    public static function of(Unit $unit, Progress $progress, Guide $guide, LearnedTimes $times, float $pace, GuideChange $change, Cautions $cautions, bool $mayBuild): array
    {
        $steps = StepData::all($unit->guide, $progress, array_column($cautions->all, null, 'id'), $guide, $times, $pace);
        $build = $unit->version->build;

        return [
            'id' => $unit->id, 'number' => $unit->number, 'name' => $unit->name, 'title' => $unit->title(),
            'programme_id' => $unit->programme_id, 'room' => $build->room->name, 'room_id' => $build->room_id, 'site' => $build->room->site->name, 'build' => $build->name,
            'version_id' => $unit->version_id, 'version' => $unit->version->number,
            'started_at' => $unit->started_at->toIso8601String(), 'started_by' => $unit->starter->name ?? '',
            'made_at' => $unit->made_at?->toIso8601String(), 'made_by' => $unit->maker->name ?? '',
            'is_open' => $unit->is_open, 'address' => $address = OwnAddress::of($unit), 'is_reachable' => OwnAddress::isReachable($address), 'code' => QrCode::svg($address),
            'revision' => $unit->revision, 'may_build' => $mayBuild,
            'steps' => $steps,
            'left_minutes' => (int) round(array_sum(array_map(fn (array $step): float => $step['done'] === null ? (float) $step['minutes'] : 0.0, $steps))),
            'changes' => ['added' => $change->added, 'dropped' => $change->dropped, 'changed' => $change->changed],
        ];
    }
}
