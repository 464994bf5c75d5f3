<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
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
    /** How well a purifier's air mixes with that of a room: between these until a decay test gives its own (assumed). */
    public const MIXING = [0.6, 1.0];

    /**
     * @param  PerBin  $rates  1/s
     * @param  float  $share  to be removed, above 0 and below 1
     * @return float s; infinite where some of it never goes
     */
    public static function time(Pollutant $pollutant, PerBin $rates, float $share): float
    {
        $left = log(1.0 / (1.0 - $share));
        $present = self::present($pollutant, $rates);
        $slowest = min($present);
        if ($slowest <= 0.0) {
            return INF;
        }
        if (count($present) === 1) {
            return $left / $slowest;
        }

        return BracketedRoot::find(
            fn (float $time): float => $pollutant->weigh($rates->map(fn (float $rate): float => exp(-$rate * $time))) - (1.0 - $share),
            0.0,
            $left / $slowest * (1.0 + 1e-9),
        );
    }

    /**
     * Between which a time lies: the least with the most clean air in air that mixes best, the most with the least clean air in
     * air that mixes worst.
     *
     * @param  Space  $room  with what is blown into it
     * @param  PerBin  $cleanAir  as told, m3/s
     * @param  float  $least  share of it that there is at least
     * @param  float  $most  share of it that there is at most
     * @param  float  $share  to be removed, above 0 and below 1
     * @return array{float, float} s; infinite where some of it never goes
     */
    public static function range(Space $room, Pollutant $pollutant, PerBin $cleanAir, float $least, float $most, float $share): array
    {
        [$worst, $best] = $room->mixingRange();
        $until = fn (float $factor): float => self::time($pollutant, RoomAir::of($room, $cleanAir->scaled($factor / $room->mixing()))->losses, $share);

        return [$until($most * $best), $until($least * $worst)];
    }

    /**
     * Rates of the purifier alone: mixing x clean air over volume.
     *
     * @param  PerBin  $cleanAir  m3/s
     * @return PerBin 1/s
     */
    public static function purifierAlone(Space $room, PerBin $cleanAir): PerBin
    {
        return $cleanAir->scaled($room->mixing() / $room->volume());
    }

    /**
     * Rates of the bins that a pollutant has: no mixture clears more slowly than the slowest of them.
     *
     * @return non-empty-list<float> 1/s
     */
    private static function present(Pollutant $pollutant, PerBin $rates): array
    {
        $present = [];
        foreach ([[$pollutant->weights->e1, $rates->e1], [$pollutant->weights->e2, $rates->e2], [$pollutant->weights->e3, $rates->e3]] as [$weight, $rate]) {
            if ($weight > 0.0) {
                $present[] = $rate;
            }
        }

        return $present === [] ? [$rates->e1] : $present;
    }
}
