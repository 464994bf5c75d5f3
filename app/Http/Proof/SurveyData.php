<?php

namespace App\Http\Proof;

use App\Evidence\DecayRound;
use App\Evidence\LevelRound;
use App\Evidence\MarkedLevel;
use App\Evidence\PowerRound;
use App\Evidence\ProvedUnit;
use App\Evidence\TissueRound;
use App\Evidence\TraverseRound;
use App\Http\Shared\Shown;
use App\Models\Part;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\SurveyKind;
use Jornel\Core\Proof\Level\FanRanking;
use Jornel\Core\Proof\Level\SpeedLevels;
use Jornel\Core\Proof\Reach;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\VapourCourse;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Survey', required: ['id', 'kind', 'by', 'at', 'setting', 'replaces', 'replaced', 'readings', 'tissue', 'traverse', 'decay', 'level', 'watts', 'reach', 'vapour'], properties: [
    new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'kind', type: 'string', enum: ['tissue', 'traverse', 'decay', 'level', 'power', 'reach', 'ribbon', 'vapour']),
    new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'at', type: 'integer', description: 'Milliseconds since 1970'),
    new OA\Property(property: 'setting', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'How it was made, as written'),
    new OA\Property(property: 'replaces', type: 'integer', nullable: true), new OA\Property(property: 'replaced', type: 'boolean', description: 'Whether another one holds in its place'),
    new OA\Property(property: 'readings', type: 'array', items: new OA\Items(ref: '#/components/schemas/Reading'), description: 'Those that hold, the last of each place'),
    new OA\Property(property: 'tissue', ref: '#/components/schemas/TissueResult', nullable: true), new OA\Property(property: 'traverse', ref: '#/components/schemas/TraverseResult', nullable: true), new OA\Property(property: 'decay', ref: '#/components/schemas/DecayResult', nullable: true),
    new OA\Property(property: 'level', type: 'object', nullable: true, required: ['on', 'off', 'unit', 'at_1m', 'distance', 'within', 'places', 'speeds', 'seats', 'limit', 'loudest', 'fans'], properties: [
        new OA\Property(property: 'places', type: 'array', description: 'Places on the plan where it was read', items: new OA\Items(type: 'object', required: ['x', 'y', 'distance', 'on', 'off'], properties: [
            new OA\Property(property: 'x', type: 'number', description: 'm'), new OA\Property(property: 'y', type: 'number'), new OA\Property(property: 'distance', ref: '#/components/schemas/Shown'), new OA\Property(property: 'on', type: 'string', nullable: true), new OA\Property(property: 'off', type: 'string', nullable: true),
        ])),
        new OA\Property(property: 'on', type: 'string', nullable: true), new OA\Property(property: 'off', type: 'string', nullable: true), new OA\Property(property: 'unit', type: 'string', nullable: true, description: 'By itself; null where it cannot be told'),
        new OA\Property(property: 'at_1m', type: 'string', nullable: true), new OA\Property(property: 'distance', ref: '#/components/schemas/Shown'), new OA\Property(property: 'within', type: 'number', description: 'How far it may be off, dB'),
        new OA\Property(property: 'speeds', type: 'array', description: 'At 1 m at every speed, by what was measured at one', items: new OA\Items(type: 'object', required: ['name', 'level'], properties: [new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'level', type: 'string')])),
        new OA\Property(property: 'seats', type: 'array', description: 'At each seat of the plan, all units at the measured speed', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'limit', type: 'string', nullable: true), new OA\Property(property: 'loudest', type: 'string', nullable: true, description: 'Fastest speed that keeps to the limit'),
        new OA\Property(property: 'fans', type: 'array', description: 'Fans at the same flow and at the same level, the quietest first', items: new OA\Items(type: 'object', required: ['name', 'level', 'flow', 'reaches', 'own'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'level', type: 'string'), new OA\Property(property: 'flow', ref: '#/components/schemas/Shown'), new OA\Property(property: 'reaches', type: 'boolean', description: 'Whether its own speeds reach that flow'), new OA\Property(property: 'own', type: 'boolean', description: 'Whether it is the fan of this unit'),
        ])),
    ]),
    new OA\Property(property: 'watts', type: 'array', nullable: true, items: new OA\Items(type: 'object', required: ['speed', 'measured', 'forecast'], properties: [new OA\Property(property: 'speed', type: 'string'), new OA\Property(property: 'measured', type: 'string', nullable: true), new OA\Property(property: 'forecast', type: 'string')])),
    new OA\Property(property: 'reach', type: 'object', nullable: true, required: ['captured', 'lost'], properties: [new OA\Property(property: 'captured', ref: '#/components/schemas/Shown'), new OA\Property(property: 'lost', ref: '#/components/schemas/Shown', nullable: true)]),
    new OA\Property(property: 'vapour', type: 'object', nullable: true, required: ['before', 'peak', 'after', 'minutes', 'gone'], properties: [
        new OA\Property(property: 'before', type: 'number'), new OA\Property(property: 'peak', type: 'number'), new OA\Property(property: 'after', type: 'number'), new OA\Property(property: 'minutes', type: 'number'), new OA\Property(property: 'gone', type: 'number', nullable: true),
    ]),
])]
final class SurveyData
{
    /** @return array<string, mixed> */
    public static function of(Survey $survey, ProvedUnit $unit, bool $isReplaced): array
    {
        return [
            'id' => $survey->id, 'kind' => $survey->kind->value, 'by' => $survey->person->name ?? '', 'at' => (int) $survey->began_at->valueOf(),
            'setting' => (object) $survey->setting, 'replaces' => $survey->replaces_id, 'replaced' => $isReplaced,
            'readings' => array_values(array_map(ReadingData::of(...), $survey->holding())),
            'tissue' => $survey->kind === SurveyKind::Tissue ? TissueData::of(TissueRound::of($survey, $unit), $unit) : null,
            'traverse' => $survey->kind === SurveyKind::Traverse ? TraverseData::of(TraverseRound::of($survey, $unit), $unit) : null,
            'decay' => $survey->kind === SurveyKind::Decay ? DecayData::of(DecayRound::of($survey, $unit), $unit, $survey) : null,
            'level' => $survey->kind === SurveyKind::Level ? self::level(LevelRound::of($survey, $unit), $unit) : null,
            'watts' => $survey->kind === SurveyKind::Power ? self::watts(PowerRound::of($survey, $unit), $unit) : null,
            'reach' => $survey->kind === SurveyKind::Reach ? self::reach($survey) : null,
            'vapour' => $survey->kind === SurveyKind::Vapour ? self::vapour($survey) : null,
        ];
    }

    /** @return array<string, mixed> */
    private static function level(LevelRound $round, ProvedUnit $unit): array
    {
        $level = $round->level;
        $told = fn (?float $decibels): ?string => $decibels === null ? null : sprintf('%.1f dBA', $decibels);
        $alone = $level?->at(1.0);
        $levels = $alone === null ? null : SpeedLevels::of($unit->ledger, $alone, $round->speed);
        $limit = $unit->ledger->room->noiseLimit;
        $design = $unit->ledger->design;

        return [
            'on' => $told($level?->on), 'off' => $told($level?->off), 'unit' => $told($level?->unit), 'at_1m' => $told($alone), 'distance' => Shown::of(Display::RoomLength, $level->distance ?? $round->distance), 'within' => $round->within(),
            'places' => array_map(fn (MarkedLevel $one): array => ['x' => $one->at->x, 'y' => $one->at->y, 'distance' => Shown::of(Display::RoomLength, $one->place->distance), 'on' => $told($one->place->onMean()), 'off' => $told($one->place->offMean())], $round->marked),
            'speeds' => array_map(fn (string $name, float $one): array => ['name' => $name, 'level' => sprintf('%.0f dBA', $one)], $levels === null ? [] : $unit->speeds(), $levels->levels ?? []),
            'seats' => array_map(fn (float $one): string => sprintf('%.0f dBA', $one), $levels->seats ?? []),
            'limit' => $limit === null ? null : sprintf('%.0f dBA', $limit), 'loudest' => $levels?->loudest === null ? null : $unit->speeds()[$levels->loudest],
            'fans' => $alone === null ? [] : array_map(fn (FanRanking $one): array => [
                'name' => $one->fan->name, 'level' => sprintf('%.0f dBA', $one->level), 'flow' => Shown::of(Display::Flow, $one->flow), 'reaches' => $one->reaches, 'own' => $one->fan->id === $design->fan->id,
            ], FanRanking::of(Part::catalogue($unit->unit->version->build->room->site->programme)->fans, $unit->ledger->speeds[$round->speed]->performance->speed->bareFlow / $design->shape->fanCount($design), $alone)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function watts(PowerRound $round, ProvedUnit $unit): array
    {
        return array_map(fn (string $name, int $at): array => [
            'speed' => $name, 'measured' => isset($round->watts[$at]) ? sprintf('%.1f W', $round->watts[$at]) : null, 'forecast' => sprintf('%.0f W', $unit->ledger->speeds[$at]->performance->watts),
        ], $unit->speeds(), array_keys($unit->speeds()));
    }

    /** @return array<string, mixed> */
    private static function reach(Survey $survey): array
    {
        $puffs = array_values(array_filter(array_map(fn (Reading $reading): ?array => $reading->value === null ? null : [(float) $reading->value, Finding::tryFrom($reading->entered) ?? Finding::Still], $survey->holding())));
        $reach = Reach::of($puffs);

        return ['captured' => Shown::of(Display::RoomLength, $reach->captured), 'lost' => $reach->lost === null ? null : Shown::of(Display::RoomLength, $reach->lost)];
    }

    /** @return array<string, mixed>|null */
    private static function vapour(Survey $survey): ?array
    {
        foreach ($survey->holding() as $reading) {
            if ($reading->log !== null) {
                $course = VapourCourse::of($reading->log->series());

                return ['before' => round($course->before, 3), 'peak' => round($course->peak, 3), 'after' => round($course->after, 3), 'minutes' => round($course->minutes, 1), 'gone' => $course->gone()];
            }
        }

        return null;
    }
}
