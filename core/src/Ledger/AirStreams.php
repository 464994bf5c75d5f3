<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

/** How much of the fan's air goes each way, for the width of the arrows in the drawing. */
final class AirStreams
{
    /** @return array<string, float> share of the fan's flow, 0 to 1, by part */
    public static function of(UnitLedger $unit): array
    {
        $performance = $unit->line()->performance;
        $shares = ['fan' => 1.0, 'corners' => 0.0, 'seam' => 0.0];
        foreach ($performance->leaks as $leak) {
            $shares[$leak->isSeam ? 'seam' : 'corners'] += $leak->flow / $performance->balance->fanFlow;
        }
        foreach ($performance->faces as $face) {
            $shares[$face->id] = $face->flow / $performance->balance->fanFlow;
        }

        return $shares;
    }
}
