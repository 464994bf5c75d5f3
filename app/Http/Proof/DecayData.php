<?php

namespace App\Http\Proof;

use App\Evidence\DecayRound;
use App\Evidence\ProvedUnit;
use App\Http\Shared\Shown;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\SurveyKind;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Proof\Verdict\OutputLeft;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DecayResult', required: ['runs', 'clean_air', 'forecast', 'left'], properties: [
    new OA\Property(property: 'runs', type: 'array', items: new OA\Items(type: 'object', required: ['place', 'reading', 'log', 'name', 'unit_on', 'from_min', 'to_min', 'refused', 'usable_from_min', 'rate', 'minutes_90', 'minutes_99', 'is_even', 'notes'], properties: [
        new OA\Property(property: 'place', type: 'string'), new OA\Property(property: 'reading', type: 'integer'), new OA\Property(property: 'log', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'unit_on', type: 'boolean'),
        new OA\Property(property: 'from_min', type: 'number', nullable: true), new OA\Property(property: 'to_min', type: 'number', nullable: true),
        new OA\Property(property: 'refused', type: 'string', nullable: true, description: 'Why it says nothing sure'), new OA\Property(property: 'usable_from_min', type: 'number', nullable: true),
        new OA\Property(property: 'rate', ref: '#/components/schemas/Range95', nullable: true, description: 'Air changes an hour that the room cleared by'),
        new OA\Property(property: 'minutes_90', ref: '#/components/schemas/Range95', nullable: true), new OA\Property(property: 'minutes_99', ref: '#/components/schemas/Range95', nullable: true),
        new OA\Property(property: 'is_even', type: 'boolean', description: 'Whether the room was well mixed'),
        new OA\Property(property: 'notes', type: 'array', items: new OA\Items(type: 'string'), description: 'What was odd in the log'),
    ])),
    new OA\Property(property: 'clean_air', ref: '#/components/schemas/Range95', nullable: true), new OA\Property(property: 'forecast', ref: '#/components/schemas/Shown'),
    new OA\Property(property: 'left', type: 'object', nullable: true, required: ['since', 'share', 'low', 'high', 'times'], description: 'Against the first test of the unit at that speed', properties: [
        new OA\Property(property: 'since', type: 'integer', description: 'Milliseconds since 1970'), new OA\Property(property: 'share', type: 'number', description: 'Of the clean air that is left'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'high', type: 'number'),
        new OA\Property(property: 'times', type: 'number', nullable: true, description: 'So many times as long as then takes the room to clear with the unit'),
    ]),
])]
final class DecayData
{
    /** @return array<string, mixed> */
    public static function of(DecayRound $round, ProvedUnit $unit, Survey $survey): array
    {
        $clean = $round->cleanAir();

        return [
            'runs' => array_map(fn (array $run, string $place): array => self::run($place, $run[0], $run[1]), $round->runs, array_keys($round->runs)),
            'clean_air' => $clean === null ? null : RangeData::of(Display::Flow, $clean),
            'forecast' => Shown::of(Display::Flow, $unit->proof()->design->cleanAir($round->speed)->value),
            'left' => self::left($round, $unit, $survey),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function left(DecayRound $now, ProvedUnit $unit, Survey $survey): ?array
    {
        foreach ($unit->holding(SurveyKind::Decay) as $earlier) {
            if ($earlier->id >= $survey->id) {
                break;
            }
            $then = DecayRound::of($earlier, $unit);
            [$before, $after] = [$then->cleanAir(), $now->cleanAir()];
            if ($before !== null && $after !== null && $before->value > 0.0 && $then->speed === $now->speed) {
                $left = OutputLeft::of($before, $after);
                [$fast, $slow] = [$then->rateWith(), $now->rateWith()];

                return [
                    'since' => (int) $earlier->began_at->valueOf(), 'share' => round($left->value, 3), 'low' => round($left->low, 3), 'high' => round($left->high, 3),
                    'times' => $fast === null || $slow === null ? null : round(OutputLeft::timeRatio($fast, $slow)->value, 3),
                ];
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private static function run(string $place, Reading $reading, DecayRun|RefusedRun $run): array
    {
        $minute = fn (?float $seconds): ?float => $seconds === null ? null : round($seconds / 60.0, 3);
        $stretch = $run->stretch;
        $fit = $run instanceof DecayRun ? $run->fit : null;

        return [
            'place' => $place, 'reading' => $reading->id, 'log' => (int) $reading->log_id, 'name' => $reading->entered, 'unit_on' => DecayRound::isOn($reading),
            'from_min' => $minute($stretch?->from), 'to_min' => $minute($stretch?->to),
            'refused' => $run instanceof RefusedRun ? $run->reason : null, 'usable_from_min' => $run instanceof RefusedRun ? $minute($run->from) : null,
            'rate' => $fit === null ? null : RangeData::of(Display::AirChanges, $fit->rateInterval()->scaled(3600.0)),
            'minutes_90' => $fit === null ? null : RangeData::of(Display::Minutes, $fit->clearing(0.90)), 'minutes_99' => $fit === null ? null : RangeData::of(Display::Minutes, $fit->clearing(0.99)),
            'is_even' => $run instanceof DecayRun && $run->isEven(),
            'notes' => array_column($reading->log->told['notes'] ?? [], 'text'),
        ];
    }
}
