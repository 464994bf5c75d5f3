<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\BracketedRoot;

/**
 * Clean air that a wish about a room's air takes, bin by bin.
 *
 * Of one bin: Q = V ((P a Cout + S/V) / Cgoal - a - k) / mixing, never below zero. A mixed pollutant has no such closed
 * form: the multiple of a unit's clean air is sought at which the sum of its bins keeps to the wish.
 */
final class NeededOutput
{
    /** Multiple beyond which a wish is said to be out of reach. */
    private const MOST = 1e9;

    /**
     * Clean air to hold a concentration in the long run.
     *
     * @param  PerBin  $spectrum  clean air of what shall do it, by bin, in any measure: only its proportions count
     * @param  float  $goal  ug/m3, above 0
     * @return float|null m3/s of the room's pollutant; null where no clean air holds it, or nothing is known of outdoors
     */
    public static function toHold(Space $room, PerBin $spectrum, float $goal): ?float
    {
        $outdoor = $room->outdoor();
        if ($outdoor === null) {
            return null;
        }
        $pollutant = $room->pollutant();
        $level = fn (float $multiple): float => self::steady($room, $spectrum->scaled($multiple), $outdoor);

        return self::least($pollutant, $spectrum, fn (float $multiple): float => $level($multiple) - $goal);
    }

    /**
     * Clean air to remove a share in a time.
     *
     * @param  PerBin  $spectrum  as above
     * @param  float  $share  above 0, below 1
     * @param  float  $time  s, above 0
     * @return float|null m3/s of the room's pollutant
     */
    public static function toClear(Space $room, PerBin $spectrum, float $share, float $time): ?float
    {
        $pollutant = $room->pollutant();
        $left = function (float $multiple) use ($room, $spectrum, $pollutant, $time): float {
            $rates = RoomAir::of($room, $spectrum->scaled($multiple))->losses;

            return $pollutant->weigh($rates->map(fn (float $rate): float => exp(-$rate * $time)));
        };

        return self::least($pollutant, $spectrum, fn (float $multiple): float => $left($multiple) - (1.0 - $share));
    }

    /**
     * Concentration of a pollutant in the long run.
     *
     * @param  PerBin  $cleanAir  m3/s
     * @param  float  $outdoor  ug/m3
     * @param  Pollutant|null  $pollutant  null for the room's own
     * @return float ug/m3
     */
    public static function steady(Space $room, PerBin $cleanAir, float $outdoor, ?Pollutant $pollutant = null): float
    {
        $pollutant ??= $room->pollutant();

        return RoomAir::of($room, $cleanAir)->steady(RoomAir::split($pollutant, $outdoor), RoomAir::split($pollutant, $room->source()))->sum();
    }

    /**
     * Clean air by bin of which a pollutant sees so much.
     *
     * @param  PerBin  $spectrum  as above
     * @param  float  $clean  m3/s of the pollutant
     * @return PerBin m3/s
     */
    public static function ofSpectrum(Pollutant $pollutant, PerBin $spectrum, float $clean): PerBin
    {
        $seen = $pollutant->weigh($spectrum);

        return $spectrum->scaled($seen > 0.0 ? $clean / $seen : 0.0);
    }

    /**
     * The least multiple of a clean air that keeps to a wish.
     *
     * @param  callable(float): float  $over  how far above the wish, by the multiple; falls with it
     * @return float|null m3/s of the pollutant; null where no multiple does
     */
    public static function least(Pollutant $pollutant, PerBin $spectrum, callable $over): ?float
    {
        if ($over(0.0) <= 0.0) {
            return 0.0;
        }
        $high = 1e-6;
        while ($over($high) > 0.0) {
            $high *= 4.0;
            if ($high > self::MOST) {
                return null;
            }
        }

        return $pollutant->weigh($spectrum) * BracketedRoot::find($over(...), 0.0, $high);
    }
}
