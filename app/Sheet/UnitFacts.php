<?php

namespace App\Sheet;

use App\Actions\PlanKit;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Direction;

/** What everybody may know of a unit: what it is, how to run it, when its filters are due. */
final class UnitFacts
{
    /** @return array{shape: string, filters: string, count: int, speed: string, air: string, pulls: bool, arrows: string, hasBareMotor: bool, due: Carbon, began: Carbon} */
    public static function of(Unit $unit, System $measure): array
    {
        $version = $unit->version;
        $design = app(PlanKit::class)->order($version)->order->design;
        $economy = $version->economy();
        $began = $unit->made_at ?? $unit->started_at;
        $speeds = array_column($design->fan->speeds, 'name');

        return [
            'shape' => $design->shape->name(),
            'filters' => $design->filter->name,
            'count' => $design->shape->filterCount($design),
            'speed' => $version->choices['speed'] === '' ? (string) end($speeds) : $version->choices['speed'],
            'air' => Display::Flow->text((float) $version->clean_air_m3_s / max(1, $version->units), $measure),
            'pulls' => $pulls = $design->direction() === Direction::Pull,
            // A single face has no box: its arrows tell towards the fan or away from it.
            'arrows' => $design->shape->drawsFromAround() ? ($pulls ? 'into the box' : 'out of the box') : ($pulls ? 'towards the fan' : 'away from the fan'),
            'hasBareMotor' => $design->fan->hasBareMotor(),
            // Two years by four changes is half a year; without changes at the end of the years.
            'due' => $began->copy()->addDays((int) round(365.25 * $economy->years / max(1, $economy->changes))),
            'began' => $began,
        ];
    }
}
