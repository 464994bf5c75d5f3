<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Level;

use Jornel\Core\Ledger\SpeedLine;
use Jornel\Core\Ledger\UnitLedger;

/** How loud a unit is at each of its speeds and seats, by what was measured at one of them. */
final readonly class SpeedLevels
{
    /**
     * @param  list<float>  $levels  at 1 m by speed, slowest first, dBA: the catalogue's, moved by what was measured
     * @param  list<float>  $seats  at each seat of the room's plan with all units at the measured speed, dBA
     * @param  int|null  $loudest  fastest speed that keeps to the room's limit; null without one
     */
    private function __construct(public array $levels, public array $seats, public ?int $loudest)
    {
    }

    /**
     * @param  float  $measured  of one unit at 1 m, dBA
     * @param  int  $speed  at which it was measured
     */
    public static function of(UnitLedger $ledger, float $measured, int $speed): self
    {
        $off = $measured - $ledger->speeds[$speed]->performance->level;
        $levels = array_map(fn (SpeedLine $line): float => $line->performance->level + $off, $ledger->speeds);
        $loudest = null;
        foreach ($levels as $number => $level) {
            // All units together, each heard from 1 m, as the limit is.
            $together = $level + 10.0 * log10($ledger->units);
            $loudest = $ledger->room->noiseLimit !== null && $together <= $ledger->room->noiseLimit + 1e-9 ? $number : $loudest;
        }

        return new self($levels, $ledger->room->plan->levelsOf(array_fill(0, max(1, $ledger->units), $measured)), $loudest);
    }
}
