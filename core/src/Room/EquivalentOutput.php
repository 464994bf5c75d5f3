<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;

/**
 * What filtered air that is blown in is worth as clean air of a recirculating purifier: the output that would do the same to
 * the room's air with its window closed.
 */
final class EquivalentOutput
{
    /**
     * The output that would hold the same concentration of a pollutant in the long run. Outdoor air of 1 ug/m3 stands in where
     * nothing is told: without a source the answer does not hang on it.
     *
     * @return float m3/s of that pollutant
     */
    public static function holding(Space $room, Output $output, Pollutant $pollutant): float
    {
        if (! $output->bringsAirIn()) {
            return $pollutant->weigh($output->clean);
        }
        $spectrum = self::spectrum($output);
        $level = fn (Space $space, PerBin $clean): float => NeededOutput::steady($space, $clean, $room->outdoor() ?? 1.0, $pollutant);
        $held = $level(SuppliedSpace::of($room, $output), $output->clean);

        return NeededOutput::least($pollutant, $spectrum, fn (float $multiple): float => $level($room, $spectrum->scaled($multiple)) - $held) ?? INF;
    }

    /**
     * The output that would leave as much of the room's pollutant after a time, with clean air outdoors.
     *
     * @param  float  $time  s, above 0
     * @return float m3/s of that pollutant
     */
    public static function clearing(Space $room, Output $output, float $time): float
    {
        $pollutant = $room->pollutant();
        if (! $output->bringsAirIn()) {
            return $pollutant->weigh($output->clean);
        }
        $spectrum = self::spectrum($output);
        $left = fn (Space $space, PerBin $clean): float => $pollutant->weigh(RoomAir::of($space, $clean)->losses->map(fn (float $rate): float => exp(-$rate * $time)));
        $after = $left(SuppliedSpace::of($room, $output), $output->clean);

        return NeededOutput::least($pollutant, $spectrum, fn (float $multiple): float => $left($room, $spectrum->scaled($multiple)) - $after) ?? INF;
    }

    /** Clean air in the proportions of what recirculates, or alike in every bin. */
    private static function spectrum(Output $output): PerBin
    {
        return $output->spectrum() ?? PerBin::same(1.0);
    }
}
