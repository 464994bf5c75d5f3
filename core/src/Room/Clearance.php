<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\BracketedRoot;

/**
 * How long until a share of what is in a well-mixed room's air is gone, with clean outdoor air and no source.
 *
 * Each bin decays by itself at its own rate; a mixed pollutant is their weighted sum and does not decay as one
 * exponential.
 */
final class Clearance
{
    /** Particles settling by themselves, 1/h: the finest from PTEAM, 1996 (from memory), the others assumed. */
    public const DEPOSITION = [0.39, 0.8, 4.0];

    /**
     * Loss rates of a room with units running: infiltration, deposition and cleaning, by bin.
     *
     * @param  BinShares  $cleanAir  of all units, m3/s
     * @return BinShares 1/s
     */
    public static function rates(Space $room, BinShares $cleanAir): BinShares
    {
        return BinShares::of(self::DEPOSITION)
            ->map(fn (float $deposition): float => ($deposition + $room->infiltration()) / 3600.0)
            ->plus($cleanAir->scaled(1.0 / $room->volume()));
    }

    /**
     * @param  BinShares  $rates  1/s, all above zero
     * @param  float  $share  to be removed, above 0 and below 1
     * @return float s
     */
    public static function time(Pollutant $pollutant, BinShares $rates, float $share): float
    {
        $left = log(1.0 / (1.0 - $share));
        $slowest = self::slowest($pollutant, $rates);

        return BracketedRoot::find(
            fn (float $time): float => $pollutant->weigh($rates->map(fn (float $rate): float => exp(-$rate * $time))) - (1.0 - $share),
            0.0,
            $left / $slowest * (1.0 + 1e-9),
        );
    }

    /** Rate of the slowest bin that the pollutant has, 1/s: no mixture clears more slowly. */
    private static function slowest(Pollutant $pollutant, BinShares $rates): float
    {
        $present = [];
        foreach ([[$pollutant->weights->e1, $rates->e1], [$pollutant->weights->e2, $rates->e2], [$pollutant->weights->e3, $rates->e3]] as [$weight, $rate]) {
            if ($weight > 0.0) {
                $present[] = $rate;
            }
        }

        return $present === [] ? $rates->e1 : min($present);
    }
}
