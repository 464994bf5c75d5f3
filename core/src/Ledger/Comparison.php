<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Guide\Work;
use Jornel\Core\Measure\Measure;
use Jornel\Core\Room\Target\GoalShare;

/** Several builds for one room side by side: what each of them is best at. */
final class Comparison
{
    public const MOST = 4;

    /** What builds are compared by, in this order. */
    private const MEASURES = [Measure::CleanAir, Measure::Level, Measure::FirstCost, Measure::TotalCost, Measure::Power, Measure::Bypass, Measure::Footprint, Measure::Minutes];

    /** Builds that differ by less than this share of a figure are alike in it (assumed). */
    private const ALIKE = 0.01;

    /**
     * @param  list<Ledger>  $ledgers  each with a build
     * @return list<list<string>> in words, for each of them; where several are alike in something none is best at it
     */
    public static function bests(array $ledgers): array
    {
        $bests = array_fill(0, count($ledgers), []);
        foreach (self::MEASURES as $measure) {
            $values = array_map(fn (Ledger $ledger): float => $ledger->unit === null ? INF : self::value($measure, $ledger, $ledger->unit), $ledgers);
            asort($values);
            $order = array_keys($values);
            if (count($order) > 1 && self::ALIKE * abs($values[$order[0]]) < $values[$order[1]] - $values[$order[0]]) {
                $bests[$order[0]][] = $measure->best();
            }
        }

        return $bests;
    }

    /** @return float in the unit of the measure, the less the better */
    private static function value(Measure $measure, Ledger $ledger, UnitLedger $unit): float
    {
        $value = match ($measure) {
            Measure::CleanAir => $unit->line()->judged(),
            Measure::Output => GoalShare::of($unit->line()->judged(), $unit->line()->asks()),
            Measure::Level => $unit->line()->level,
            Measure::FirstCost => $ledger->cost?->first->toFloat() ?? INF,
            Measure::RunningCost => $ledger->cost === null ? INF : $ledger->cost->total->toFloat() - $ledger->cost->first->toFloat(),
            Measure::TotalCost => $ledger->cost?->total->toFloat() ?? INF,
            Measure::Power => $unit->line()->watts,
            Measure::Bypass => $unit->line()->performance->balance->bypassShare() ?? INF,
            Measure::Footprint => $unit->units * $unit->measurements->footprint,
            Measure::Height => $unit->measurements->height,
            Measure::Minutes => $unit->units * Work::of($unit->design)->minutes,
        };

        return $measure->isBetterHigh() ? -$value : $value;
    }
}
