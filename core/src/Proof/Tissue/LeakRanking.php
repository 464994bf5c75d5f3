<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Quantity\Interval;

/** Leaks in the order in which patching them pays: clean air won back for a minute of work. */
final class LeakRanking
{
    /**
     * @param  Unit  $unit  at one speed
     * @return list<LeakRank> the one that pays most first
     */
    public static function of(Unit $unit, TissueSurvey $survey, Pollutant $pollutant, TissueModel $model): array
    {
        $whole = $survey->area->median;
        $before = self::clean($unit, $whole, $pollutant);
        $ranks = [];
        foreach ($survey->leaks() as $leak) {
            $point = $leak->point;
            $patched = $point->area($point->length > 0.0 ? $model->patchedGap : $point->usual);
            $gain = $leak->area?->through(fn (float $area): float => self::clean($unit, max(0.0, $whole - max(0.0, $area - $patched)), $pollutant) - $before);
            if ($gain !== null) {
                $ranks[] = new LeakRank($point, $gain, $model->minutes($point->kind));
            }
        }
        usort($ranks, fn (LeakRank $one, LeakRank $other): int => $other->perMinute() <=> $one->perMinute());

        return $ranks;
    }

    /**
     * Clean air that patching all of them would win back.
     *
     * @param  Unit  $unit  at one speed
     */
    public static function ofAll(Unit $unit, TissueSurvey $survey, Pollutant $pollutant, TissueModel $model): Interval
    {
        $whole = $survey->area->median;
        $before = self::clean($unit, $whole, $pollutant);
        $open = fn (string $end): float => array_sum(array_map(fn (PointResult $leak): float => max(0.0, match ($end) {
            'low' => $leak->area->low ?? 0.0,
            'high' => $leak->area->high ?? 0.0,
            default => $leak->area->value ?? 0.0,
        } - $leak->point->area($leak->point->length > 0.0 ? $model->patchedGap : $leak->point->usual)), $survey->leaks()));
        $won = fn (string $end): float => self::clean($unit, max(0.0, $whole - $open($end)), $pollutant) - $before;

        return new Interval($won('value'), $won('low'), $won('high'));
    }

    /** @return float m3/s with leaks of so many m2 */
    private static function clean(Unit $unit, float $area, Pollutant $pollutant): float
    {
        $leaking = $unit->leaking($area);

        return $pollutant->weigh(Performance::of($leaking, $leaking->speeds[0])->cleanAir);
    }
}
