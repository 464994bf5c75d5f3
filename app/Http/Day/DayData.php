<?php

namespace App\Http\Day;

use App\Actions\BuildDays;
use App\Models\BuildDay;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Jornel\Core\BuildDay\Schedule;
use Jornel\Core\BuildDay\Tables;
use Jornel\Core\BuildDay\Task;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BuildDay', required: ['id', 'name', 'starts_at', 'units', 'people', 'tools', 'tables', 'breaks', 'revision', 'begun_at', 'minute', 'may_build', 'may_organise', 'programme_id', 'plan', 'builds', 'skills', 'all_tools', 'made', 'set_aside'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'programme_id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string', description: 'As 2026-12-05T09:30'),
    new OA\Property(property: 'units', ref: '#/components/schemas/DayRequest/properties/units'), new OA\Property(property: 'people', ref: '#/components/schemas/DayRequest/properties/people'),
    new OA\Property(property: 'tools', ref: '#/components/schemas/DayRequest/properties/tools'), new OA\Property(property: 'tables', type: 'integer'), new OA\Property(property: 'breaks', ref: '#/components/schemas/DayRequest/properties/breaks'),
    new OA\Property(property: 'revision', type: 'integer'), new OA\Property(property: 'begun_at', type: 'string', format: 'date-time', nullable: true), new OA\Property(property: 'minute', type: 'number', description: 'Of the day that it is now; 0 before it begins'),
    new OA\Property(property: 'may_build', type: 'boolean'), new OA\Property(property: 'may_organise', type: 'boolean'),
    new OA\Property(property: 'plan', type: 'object', nullable: true, required: ['tasks', 'length', 'bound', 'why'], properties: [
        new OA\Property(property: 'tasks', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'unit', 'step', 'action', 'start', 'end', 'clock', 'people', 'place', 'tool', 'done', 'late', 'adults_only', 'is_check', 'wait'], properties: [
            new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'unit', type: 'integer', description: 'Its number on the day'), new OA\Property(property: 'step', type: 'string'), new OA\Property(property: 'action', type: 'string'),
            new OA\Property(property: 'start', type: 'number'), new OA\Property(property: 'end', type: 'number'), new OA\Property(property: 'clock', type: 'string', description: 'When it begins, as 09:35'), new OA\Property(property: 'people', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'tool', type: 'string'), new OA\Property(property: 'done', type: 'boolean'), new OA\Property(property: 'late', type: 'integer', description: 'Minutes'),
            new OA\Property(property: 'adults_only', type: 'boolean'), new OA\Property(property: 'is_check', type: 'boolean'), new OA\Property(property: 'wait', type: 'number'),
        ])),
        new OA\Property(property: 'length', type: 'number'), new OA\Property(property: 'bound', type: 'number', description: 'Minutes that it takes at the least'), new OA\Property(property: 'why', type: 'string'),
    ]),
    new OA\Property(property: 'builds', type: 'array', description: 'What can be made', items: new OA\Items(type: 'object', required: ['version', 'name'], properties: [new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'name', type: 'string')])),
    new OA\Property(property: 'skills', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'all_tools', type: 'array', items: new OA\Items(type: 'string'), description: 'That the steps of what is made take'),
    new OA\Property(property: 'made', type: 'array', description: 'Units that were begun, in their order on the day', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'set_aside', type: 'array', description: 'Numbers on the day of units that cannot go on', items: new OA\Items(type: 'integer')),
])]
final class DayData
{
    /** @return array<string, mixed> */
    public static function of(BuildDay $day, BuildDays $days, ?Schedule $schedule, bool $mayBuild, bool $mayOrganise): array
    {
        $tasks = $days->tasks($day);
        $named = [];
        foreach ($day->written['units'] as $row) {
            $named[$row['version']] = true;
        }

        return [
            'id' => $day->id, 'programme_id' => $day->programme_id, 'name' => $day->name, 'starts_at' => $day->starts_at->format('Y-m-d\TH:i'),
            'tools' => (object) $day->written['tools'],
        ] + $day->written + [
            'revision' => $day->revision, 'begun_at' => $day->begun_at?->toIso8601String(), 'minute' => round($days->minute($day), 1),
            'may_build' => $mayBuild, 'may_organise' => $mayOrganise,
            'plan' => $schedule === null || $day->plan === null ? null : self::plan($day, $days, $schedule),
            'builds' => self::builds($day, array_keys($named)),
            'skills' => DayRequest::skills(),
            'all_tools' => array_values(array_unique(array_merge([], ...array_map(fn (array $one): array => self::toolsOf($one[0], $days, $one[1]), $tasks)))),
            'made' => $day->units ?? [],
            'set_aside' => $day->set_aside ?? [],
        ];
    }

    /** @return array<string, mixed> */
    private static function plan(BuildDay $day, BuildDays $days, Schedule $schedule): array
    {
        $places = Tables::of($schedule, $day->written['tables']);
        $live = $days->live($day);
        $now = $days->minute($day);
        $from = $day->begun_at ?? $day->starts_at;
        $tasks = [];
        foreach ($schedule->assignments as $number => $planned) {
            $one = $live[$number] ?? $planned;
            [$unit, $step] = explode('.', $planned->task->id, 2);
            $isDone = isset($live[$number]);
            $tasks[] = [
                'id' => $planned->task->id, 'unit' => (int) $unit, 'step' => $step, 'action' => $days->action($planned->task->id, $day),
                'start' => round($one->start, 2), 'end' => round($one->end, 2), 'clock' => $from->copy()->addSeconds((int) round(60.0 * $one->start))->format('H:i'),
                'people' => array_map(fn (int $person): string => $schedule->day->people[$person]->name, $one->people),
                'place' => $places[$number], 'tool' => $planned->task->tool ?? '', 'done' => $isDone,
                'late' => $day->begun_at === null || $isDone ? 0 : max(0, (int) floor($now - $planned->end)),
                'adults_only' => $planned->task->isForAdults, 'is_check' => $planned->task->isCheck, 'wait' => $planned->task->wait,
            ];
        }
        usort($tasks, fn (array $one, array $other): int => [$one['start'], $one['id']] <=> [$other['start'], $other['id']]);

        return ['tasks' => $tasks, 'length' => round(max(array_column($tasks, 'end') ?: [0.0]), 1), 'bound' => round($day->plan['bound'] ?? 0.0, 1), 'why' => $day->plan['why'] ?? ''];
    }

    /**
     * The latest version of every build, and whichever are chosen.
     *
     * @param  list<int>  $chosen
     * @return list<array{version: int, name: string}>
     */
    private static function builds(BuildDay $day, array $chosen): array
    {
        $own = DB::table('versions')->join('builds', 'builds.id', '=', 'versions.build_id')->join('rooms', 'rooms.id', '=', 'builds.room_id')->join('sites', 'sites.id', '=', 'rooms.site_id')
            ->where('sites.programme_id', $day->programme_id)->whereNull('rooms.deleted_at')->whereNull('sites.deleted_at');
        $latest = (clone $own)->groupBy('versions.build_id')->selectRaw('MAX(versions.id) AS latest')->pluck('latest')->map(intval(...))->all();
        $named = (clone $own)->whereIn('versions.id', [...$latest, ...$chosen])->orderBy('versions.id')->get(['versions.id', 'versions.number', 'builds.name as build', 'rooms.name as room']);

        return array_values($named->map(fn (object $one): array => [
            'version' => (int) $one->id, 'name' => "{$one->room}: {$one->build}".(in_array((int) $one->id, $latest, true) ? '' : ", version {$one->number}"),
        ])->all());
    }

    /** @return list<string> */
    private static function toolsOf(Task $task, BuildDays $days, Version $version): array
    {
        [, $step] = explode('.', $task->id, 2);

        return $days->guideOf($version)->step($step)?->step->tools() ?? [];
    }
}
