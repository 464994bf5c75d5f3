<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Guide\Work;

/** Several builds for one room side by side: what each of them is best at. */
final class Comparison
{
    public const MOST = 4;

    /** Builds that differ by less than this share of a figure are alike in it (assumed). */
    private const ALIKE = 0.01;

    /**
     * @param  list<Ledger>  $ledgers  each with a build
     * @return list<list<string>> in words, for each of them; where several are alike in something none is best at it
     */
    public static function bests(array $ledgers): array
    {
        $bests = array_fill(0, count($ledgers), []);
        foreach (self::figures() as $what => $figure) {
            $values = array_map(fn (Ledger $ledger): float => $ledger->unit === null ? INF : $figure($ledger, $ledger->unit), $ledgers);
            asort($values);
            $order = array_keys($values);
            if (count($order) > 1 && self::ALIKE * abs($values[$order[0]]) < $values[$order[1]] - $values[$order[0]]) {
                $bests[$order[0]][] = $what;
            }
        }

        return $bests;
    }

    /** @return array<string, callable(Ledger, UnitLedger): float> the less the better */
    private static function figures(): array
    {
        return [
            'most clean air' => fn (Ledger $ledger, UnitLedger $unit): float => -$unit->line()->judged(),
            'quietest' => fn (Ledger $ledger, UnitLedger $unit): float => $unit->line()->level,
            'lowest first cost' => fn (Ledger $ledger, UnitLedger $unit): float => $ledger->cost?->first->toFloat() ?? INF,
            'lowest total cost' => fn (Ledger $ledger, UnitLedger $unit): float => $ledger->cost?->total->toFloat() ?? INF,
            'least power' => fn (Ledger $ledger, UnitLedger $unit): float => $unit->line()->watts,
            'least bypass' => fn (Ledger $ledger, UnitLedger $unit): float => $unit->line()->performance->balance->bypassShare() ?? INF,
            'smallest footprint' => fn (Ledger $ledger, UnitLedger $unit): float => $unit->units * $unit->measurements->footprint,
            'quickest to build' => fn (Ledger $ledger, UnitLedger $unit): float => $unit->units * Work::of($unit->design)->minutes,
        ];
    }
}
