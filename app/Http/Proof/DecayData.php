<?php

namespace App\Http\Proof;

use App\Evidence\DecayRound;
use App\Evidence\ProvedUnit;
use App\Http\Shared\Shown;
use App\Models\Reading;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DecayResult', required: ['runs', 'clean_air', 'forecast'], properties: [
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
])]
final class DecayData
{
    /** @return array<string, mixed> */
    public static function of(DecayRound $round, ProvedUnit $unit): array
    {
        $clean = $round->cleanAir();

        return [
            'runs' => array_map(fn (array $run, string $place): array => self::run($place, $run[0], $run[1]), $round->runs, array_keys($round->runs)),
            'clean_air' => $clean === null ? null : RangeData::of(Display::Flow, $clean),
            'forecast' => Shown::of(Display::Flow, $unit->proof()->design->cleanAir($round->speed)->value),
        ];
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
