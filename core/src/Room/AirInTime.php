<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\UncertainOutput;

/**
 * The air of a room over a time, from what is in it at the beginning: with what stands there, without it, and between which
 * concentrations it lies with the 90 % interval of the clean air and the range of the mixing. Outdoor air and source stay as
 * they are told.
 */
final readonly class AirInTime
{
    /**
     * @param  float  $start  concentration at the beginning, ug/m3
     * @param  RoomAir  $with  with what stands there, as told
     * @param  RoomAir  $without  without it
     * @param  RoomAir  $best  with the most clean air in air that mixes best
     * @param  RoomAir  $worst  with the least clean air in air that mixes worst
     */
    private function __construct(private Space $room, private Pollutant $pollutant, public float $start, private RoomAir $with, private RoomAir $without, private RoomAir $best, private RoomAir $worst)
    {
    }

    /**
     * @param  UncertainOutput  $output  of all that stands there
     * @param  float  $start  ug/m3, zero or more
     */
    public static function of(Space $room, UncertainOutput $output, float $start): self
    {
        $pollutant = $room->pollutant();
        $told = $output->told;
        $supplied = SuppliedSpace::of($room, $told);
        $clean = $pollutant->weigh($told->clean);
        $band = Band::ofDistribution($output->distribution(fn (Output $one): float => $pollutant->weigh($one->clean)));
        [$worst, $best] = $room->mixingRange();
        $air = fn (float $of): RoomAir => RoomAir::of($supplied, $told->clean->scaled($of));
        $share = fn (float $value): float => $clean > 0.0 ? $value / $clean : 1.0;

        return new self(
            $room, $pollutant, $start, $air(1.0), RoomAir::of($room, Output::none()->clean),
            $air($share($band->high) * $best / $room->mixing()), $air($share($band->low) * $worst / $room->mixing()),
        );
    }

    /**
     * @param  float  $time  since the beginning, s, zero or more
     * @return float ug/m3
     */
    public function with(float $time): float
    {
        return $this->at($this->with, $time);
    }

    /** The same of a room in which nothing stands. */
    public function without(float $time): float
    {
        return $this->at($this->without, $time);
    }

    /**
     * Between which concentrations it lies.
     *
     * @param  float  $time  s
     * @return array{float, float} ug/m3
     */
    public function range(float $time): array
    {
        [$one, $other] = [$this->at($this->best, $time), $this->at($this->worst, $time)];

        return [min($one, $other), max($one, $other)];
    }

    /**
     * When a share of what was there is gone, with clean air outdoors.
     *
     * @param  float  $share  above 0, below 1
     * @return float s; infinite where some of it never goes
     */
    public function gone(float $share): float
    {
        return Clearance::time($this->pollutant, $this->with->losses, $share);
    }

    private function at(RoomAir $air, float $time): float
    {
        $split = fn (float $concentration) => RoomAir::split($this->pollutant, $concentration);

        return $air->after($split($this->start), $split($this->room->outdoor() ?? 0.0), $split($this->room->source()), $time)->sum();
    }
}
