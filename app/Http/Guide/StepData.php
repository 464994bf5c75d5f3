<?php

namespace App\Http\Guide;

use App\Models\Unit;
use Jornel\Core\Caution\Caution;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\LearnedTimes;
use Jornel\Core\Guide\Making\Mend;
use Jornel\Core\Guide\Progress;
use Jornel\Core\Guide\StepProgress;
use Jornel\Core\Guide\Tick;
use OpenApi\Attributes as OA;

/**
 * @phpstan-import-type FrozenStep from Unit
 */
#[OA\Schema(schema: 'GuideStep', required: ['id', 'action', 'reason', 'parts', 'tools', 'minutes', 'rests_on', 'wait', 'after', 'holds', 'adults_only', 'is_check', 'cautions', 'mends', 'done', 'seen', 'notes'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'action', type: 'string'), new OA\Property(property: 'reason', type: 'string'),
    new OA\Property(property: 'parts', type: 'array', items: new OA\Items(type: 'string'), description: 'By label and name'),
    new OA\Property(property: 'tools', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'minutes', type: 'number', description: 'Of work, as learned so far, at the pace of whoever asks'),
    new OA\Property(property: 'rests_on', type: 'integer', description: 'Measured times that it rests on; 0 for a typical one'),
    new OA\Property(property: 'wait', type: 'number', description: 'Minutes until it holds'),
    new OA\Property(property: 'after', type: 'array', items: new OA\Items(type: 'string'), description: 'Steps that it waits for'),
    new OA\Property(property: 'holds', type: 'array', items: new OA\Items(type: 'string'), description: 'What must be seen before going on'),
    new OA\Property(property: 'adults_only', type: 'boolean'), new OA\Property(property: 'is_check', type: 'boolean', description: 'Whether somebody does it who did not build the unit'),
    new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'object', required: ['title', 'text'], properties: [new OA\Property(property: 'title', type: 'string'), new OA\Property(property: 'text', type: 'string')])),
    new OA\Property(property: 'mends', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'title', 'text', 'back_to'], properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'title', type: 'string'), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'back_to', type: 'string', description: 'Step to go on from afterwards; empty for this one')])),
    new OA\Property(property: 'done', ref: '#/components/schemas/Told', nullable: true),
    new OA\Property(property: 'seen', type: 'array', items: new OA\Items(ref: '#/components/schemas/Told'), description: 'Hold points that were seen'),
    new OA\Property(property: 'notes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Told')),
])]
#[OA\Schema(schema: 'Told', required: ['hold', 'text', 'by', 'at', 'photo', 'kind'], properties: [
    new OA\Property(property: 'hold', type: 'integer', nullable: true), new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'by', type: 'string'),
    new OA\Property(property: 'at', type: 'integer', description: 'ms since 1970'), new OA\Property(property: 'photo', type: 'integer', nullable: true), new OA\Property(property: 'kind', type: 'string'),
])]
final class StepData
{
    /**
     * @param  list<FrozenStep>  $steps  as they are worked by
     * @param  array<string, Caution>  $cautions  by id
     * @param  Guide  $guide  as it is now, by which times are told
     * @return list<array<string, mixed>>
     */
    public static function all(array $steps, Progress $progress, array $cautions, Guide $guide, LearnedTimes $times, float $pace): array
    {
        return array_map(function (array $step) use ($steps, $progress, $cautions, $guide, $times, $pace): array {
            $known = $guide->step($step['id'])?->step;
            $told = $progress->steps[$step['id']] ?? new StepProgress(null, [], [], null);

            return [
                'id' => $step['id'], 'action' => $step['action'], 'reason' => $step['reason'],
                'parts' => array_map(fn (array $part): string => $part['told'], $step['parts']), 'tools' => $step['tools'],
                'minutes' => round($pace * ($known === null ? $step['minutes'] : $times->minutes($known)), 1), 'rests_on' => $known === null ? 0 : $times->restOn($known),
                'wait' => $step['wait'], 'after' => $step['after'], 'holds' => $step['holds'], 'adults_only' => $step['adults_only'], 'is_check' => $step['is_check'],
                'cautions' => array_values(array_map(fn (string $id): array => ['title' => $cautions[$id]->title, 'text' => $cautions[$id]->text], array_filter($step['cautions'], fn (string $id): bool => isset($cautions[$id])))),
                'mends' => self::mends($step['mends'], $steps, $guide),
                'done' => $told->done === null ? null : self::told($told->done),
                'seen' => array_values(array_map(self::told(...), $told->seen)),
                'notes' => array_map(self::told(...), $told->notes),
            ];
        }, $steps);
    }

    /**
     * @param  list<string>  $ids
     * @param  list<FrozenStep>  $steps
     * @return list<array{id: string, title: string, text: string, back_to: string}>
     */
    private static function mends(array $ids, array $steps, Guide $guide): array
    {
        $known = array_column($steps, 'id');
        $told = [];
        foreach (array_filter(array_map(Mend::tryFrom(...), $ids)) as $mend) {
            $back = $mend->backTo();
            $to = '';
            foreach ($guide->steps as $step) {
                if ($to === '' && $back !== null && in_array($back, $step->step->reaches, true) && in_array($step->id(), $known, true)) {
                    $to = $step->id();
                }
            }
            $told[] = ['id' => $mend->value, 'title' => $mend->title(), 'text' => $mend->advice(), 'back_to' => $to];
        }

        return $told;
    }

    /** @return array{hold: int|null, text: string, by: string, at: int, photo: int|null, kind: string} */
    private static function told(Tick $tick): array
    {
        return ['hold' => $tick->hold, 'text' => $tick->text, 'by' => $tick->by, 'at' => (int) round(1000.0 * $tick->at), 'photo' => $tick->photo, 'kind' => $tick->kind->value];
    }
}
