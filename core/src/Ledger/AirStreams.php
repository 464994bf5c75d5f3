<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Numeric\Ratio;

/** How much of the fan's air goes each way, for the width of the arrows in the drawing. */
final class AirStreams
{
    /** @return array<string, float> share of the fan's flow, 0 to 1, by part */
    public static function of(UnitLedger $unit): array
    {
        $performance = $unit->line()->performance;
        $shares = ['fan' => 1.0, 'corners' => 0.0, 'seam' => 0.0];
        foreach ($performance->leaks as $leak) {
            $shares[$leak->leak->isSeam() ? 'seam' : 'corners'] += Ratio::of($leak->flow, $performance->balance->fanFlow) ?? 0.0;
        }
        foreach ($performance->faces as $face) {
            $shares[$face->id] = Ratio::of($face->flow, $performance->balance->fanFlow) ?? 0.0;
        }

        return $shares;
    }
}
