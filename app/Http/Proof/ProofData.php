<?php

namespace App\Http\Proof;

use App\Evidence\ProvedUnit;
use App\Http\Shared\Shown;
use App\Models\Survey;
use Jornel\Core\Proof\Fit\FitParameter;
use Jornel\Core\Proof\Fit\MeasuredPart;
use Jornel\Core\Proof\Verdict\NextStep;
use Jornel\Core\Proof\Verdict\ProofStage;
use Jornel\Core\Proof\Verdict\UnitProof;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Proof', required: ['programme_id', 'unit_id', 'unit', 'room', 'room_id', 'build', 'version_id', 'speeds', 'speed', 'goal', 'asks', 'grade', 'says', 'stages', 'scale', 'culprit', 'next', 'figures', 'surveys', 'outlet', 'plan', 'measured', 'may_build'], properties: [
    new OA\Property(property: 'programme_id', type: 'integer'), new OA\Property(property: 'unit_id', type: 'integer'), new OA\Property(property: 'unit', type: 'string'), new OA\Property(property: 'room', type: 'string'), new OA\Property(property: 'room_id', type: 'integer'), new OA\Property(property: 'build', type: 'string'), new OA\Property(property: 'version_id', type: 'integer'),
    new OA\Property(property: 'speeds', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'speed', type: 'string', description: 'That is judged'),
    new OA\Property(property: 'goal', type: 'string'), new OA\Property(property: 'asks', ref: '#/components/schemas/Shown', description: 'Clean air that the goal needs in the room'),
    new OA\Property(property: 'grade', type: 'string', enum: ['pass', 'marginal', 'fail', 'not-proved']), new OA\Property(property: 'says', ref: '#/components/schemas/Shown'),
    new OA\Property(property: 'stages', type: 'array', items: new OA\Items(type: 'object', required: ['key', 'clean_air', 'gets', 'chance', 'likelihood', 'low', 'middle', 'high'], properties: [
        new OA\Property(property: 'key', type: 'string', enum: ['design', 'built', 'proved']), new OA\Property(property: 'clean_air', ref: '#/components/schemas/Range95', description: 'Of one unit'), new OA\Property(property: 'gets', ref: '#/components/schemas/Range95', description: 'Of the room'),
        new OA\Property(property: 'chance', ref: '#/components/schemas/Shown'), new OA\Property(property: 'likelihood', type: 'string'),
        new OA\Property(property: 'low', type: 'number', description: 'Of the room, over the scale'), new OA\Property(property: 'middle', type: 'number'), new OA\Property(property: 'high', type: 'number'),
    ])),
    new OA\Property(property: 'scale', type: 'number', description: 'The needed clean air over the scale of the bars, 0 to 1'),
    new OA\Property(property: 'culprit', ref: '#/components/schemas/Shown', nullable: true),
    new OA\Property(property: 'next', type: 'array', items: new OA\Items(type: 'object', required: ['key', 'text'], properties: [new OA\Property(property: 'key', type: 'string'), new OA\Property(property: 'text', ref: '#/components/schemas/Shown')])),
    new OA\Property(property: 'figures', type: 'array', description: 'Fitted, as factors on what the catalogue says', items: new OA\Items(type: 'object', required: ['key', 'name', 'value', 'low', 'high', 'narrowed', 'with'], properties: [
        new OA\Property(property: 'key', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'value', type: 'number'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number'),
        new OA\Property(property: 'narrowed', type: 'number', description: 'How much of what was not known the evidence took away'),
        new OA\Property(property: 'with', type: 'string', nullable: true, description: 'Figure that it cannot be told apart from well'),
    ])),
    new OA\Property(property: 'surveys', type: 'array', items: new OA\Items(ref: '#/components/schemas/Survey'), description: 'The latest first'),
    new OA\Property(property: 'outlet', type: 'object', required: ['outlet', 'width', 'height'], description: 'What is usually measured over: the fan’s grille', properties: [new OA\Property(property: 'outlet', type: 'string', enum: ['round', 'rectangle']), new OA\Property(property: 'width', ref: '#/components/schemas/Shown'), new OA\Property(property: 'height', ref: '#/components/schemas/Shown')]),
    new OA\Property(property: 'plan', ref: '#/components/schemas/PlanSketch'),
    new OA\Property(property: 'measured', type: 'array', description: 'Parts that the evidence tells well enough to be kept as measured', items: new OA\Items(type: 'object', required: ['kind', 'text'], properties: [new OA\Property(property: 'kind', type: 'string', enum: ['fan', 'filter', 'joining']), new OA\Property(property: 'text', ref: '#/components/schemas/Shown')])),
    new OA\Property(property: 'may_build', type: 'boolean'),
])]
final class ProofData
{
    /** How far the bars' scale reaches beyond the largest. */
    private const BEYOND = 1.08;

    /** Correlation from which two figures cannot be told apart well. */
    private const TOGETHER = 0.7;

    private const NAMES = ['fan_scale' => 'Speed of the fan', 'filter_drop' => 'Pressure drop of the filters', 'leak' => 'Open area of the leaks', 'ln_penetration' => 'What the filters catch'];

    /** @return array<string, mixed> */
    public static function of(ProvedUnit $proved, bool $mayBuild): array
    {
        $unit = $proved->unit;
        $build = $unit->version->build;
        $proof = $proved->proof();
        $asks = $proved->ledger->asks();
        $stages = $proof->stages();
        $scale = self::BEYOND * max(is_infinite($asks) ? 0.0 : $asks, ...array_map(fn (ProofStage $stage): float => $stage->gets->high, $stages));
        $replaced = array_map(fn (Survey $survey): ?int => $survey->replaces_id, $proved->surveys);
        $body = $proved->ledger->design->fan->body;

        return [
            'programme_id' => $unit->programme_id, 'unit_id' => $unit->id, 'unit' => $unit->title(), 'room' => $build->room->name, 'room_id' => $build->room_id, 'build' => $build->name, 'version_id' => $unit->version_id,
            'speeds' => $proved->speeds(), 'speed' => $proved->speeds()[$proved->ledger->chosen],
            'goal' => $proved->ledger->goal->name(), 'asks' => Shown::of(Display::Flow, $asks),
            'grade' => $proof->grade()->value, 'says' => Shown::sentence($proof->says()),
            'stages' => array_map(fn (ProofStage $stage): array => [
                'key' => $stage->key, 'clean_air' => RangeData::of(Display::Flow, $stage->cleanAir), 'gets' => RangeData::of(Display::Flow, $stage->gets),
                'chance' => Shown::of(Display::Chance, $stage->chance), 'likelihood' => $stage->likelihood->name,
                'low' => round($stage->gets->low / $scale, 4), 'middle' => round($stage->gets->value / $scale, 4), 'high' => round($stage->gets->high / $scale, 4),
            ], $stages),
            'scale' => is_infinite($asks) ? 1.0 : round($asks / $scale, 4),
            'culprit' => $proof->culprit() === null ? null : Shown::sentence($proof->culprit()->text),
            'next' => array_map(fn (NextStep $step): array => ['key' => $step->key, 'text' => Shown::sentence($step->text)], $proof->next()),
            'figures' => array_map(fn (FitParameter $one): array => self::figure($proof, $one), FitParameter::cases()),
            'surveys' => array_reverse(array_map(fn (Survey $survey): array => SurveyData::of($survey, $proved, in_array($survey->id, $replaced, true)), $proved->surveys)),
            'outlet' => ['outlet' => $body->isRound() ? 'round' : 'rectangle', 'width' => Shown::of(Display::PartLength, $body->isRound() ? $body->bladeCircle : $body->side), 'height' => Shown::of(Display::PartLength, $body->side)],
            'plan' => PlanSketch::of($proved->ledger->room->plan),
            'measured' => array_map(fn (MeasuredPart $one): array => ['kind' => $one->kind->value, 'text' => Shown::sentence($one->text)], MeasuredPart::of($proof->proved, $proved->ledger->design)),
            'may_build' => $mayBuild,
        ];
    }

    /** @return array<string, mixed> */
    private static function figure(UnitProof $proof, FitParameter $one): array
    {
        $factor = $proof->proved->factor($one);
        $with = null;
        foreach (FitParameter::cases() as $other) {
            $with = $other !== $one && abs($proof->proved->correlation($one, $other)) > self::TOGETHER ? self::NAMES[$other->value] : $with;
        }

        return ['key' => $one->value, 'name' => self::NAMES[$one->value], 'value' => round($factor->value, 4), 'low' => round($factor->low, 4), 'high' => round($factor->high, 4), 'narrowed' => round($proof->proved->narrowed($one), 4), 'with' => $with];
    }
}
