<?php

namespace App\Http\Proof;

use App\Evidence\ProvedUnit;
use App\Evidence\TissueRound;
use Jornel\Core\Proof\Tissue\LeakRank;
use Jornel\Core\Proof\Tissue\LeakRanking;
use Jornel\Core\Proof\Tissue\PointResult;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TissueResult', required: ['points', 'answered', 'leak_area', 'clean_air', 'ranking', 'odd'], properties: [
    new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'kind', 'name', 'should_pull', 'answer', 'leaks', 'gap'], properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'kind', type: 'string', enum: ['seam', 'panel-edge', 'corner', 'fan-rim', 'fan-corner', 'opening', 'face']), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'should_pull', type: 'boolean', description: 'Whether air must go through it: a filter’s face'),
        new OA\Property(property: 'answer', type: 'string', enum: ['in', 'still', 'out'], nullable: true), new OA\Property(property: 'leaks', type: 'boolean'),
        new OA\Property(property: 'gap', ref: '#/components/schemas/Range95', nullable: true, description: 'Mean open width, of a seam'),
    ])),
    new OA\Property(property: 'answered', type: 'integer'),
    new OA\Property(property: 'leak_area', ref: '#/components/schemas/Range95'), new OA\Property(property: 'clean_air', ref: '#/components/schemas/Range95'),
    new OA\Property(property: 'ranking', type: 'array', description: 'What pays most for a minute of patching first', items: new OA\Items(type: 'object', required: ['point', 'name', 'gain', 'minutes'], properties: [
        new OA\Property(property: 'point', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'gain', ref: '#/components/schemas/Range95'), new OA\Property(property: 'minutes', type: 'number'),
    ])),
    new OA\Property(property: 'odd', type: 'array', items: new OA\Items(type: 'string'), description: 'What points may mean at which the air goes another way than it should'),
])]
final class TissueData
{
    /** @return array<string, mixed> */
    public static function of(TissueRound $round, ProvedUnit $unit): array
    {
        $survey = $round->survey;
        $ledger = $unit->ledger;
        $pollutant = $ledger->room->pollutant;

        return [
            'points' => array_map(self::point(...), $survey->results),
            'answered' => $survey->answered(),
            'leak_area' => RangeData::of(Display::SmallArea, $survey->leakArea()),
            'clean_air' => RangeData::of(Display::Flow, $unit->proof()->built->cleanAir($ledger->chosen)),
            'ranking' => array_map(fn (LeakRank $rank): array => [
                'point' => $rank->point->id, 'name' => $rank->point->name, 'gain' => RangeData::of(Display::FineFlow, $rank->gain), 'minutes' => $rank->minutes,
            ], LeakRanking::of($ledger->unit->at($ledger->chosen), $survey, $pollutant, $unit->data->tissue())),
            'odd' => array_values($survey->oddPoints()),
        ];
    }

    /** @return array<string, mixed> */
    private static function point(PointResult $result): array
    {
        return [
            'id' => $result->point->id, 'kind' => $result->point->kind->value, 'name' => $result->point->name, 'should_pull' => $result->point->kind->isFilter(),
            'answer' => $result->finding?->value, 'leaks' => $result->leaks, 'gap' => $result->gap === null ? null : RangeData::of(Display::Gap, $result->gap),
        ];
    }
}
