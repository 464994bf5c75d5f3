<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Sound;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Target;

/** What some units of one design do for a room at one speed. */
final readonly class SpeedLine
{
    /**
     * @param  Judgement  $judgement  the goal held against it
     * @param  float  $clean  clean air for the room's pollutant, all units, m3/s
     * @param  float  $airChanges  by the clean air for the room's pollutant, 1/h
     * @param  float  $seconds90  until 90 % of the room's pollutant is gone, s
     * @param  float  $seconds99  until 99 % is gone, s
     * @param  float  $level  all units, each heard from 1 m, dBA
     * @param  float|null  $seatLevel  all units together at the seat where they are loudest, dBA; null where no seat is drawn
     * @param  float  $watts  all units, W
     */
    private function __construct(
        public Performance $performance,
        public int $units,
        public Judgement $judgement,
        public float $clean,
        public float $airChanges,
        public float $seconds90,
        public float $seconds99,
        public float $level,
        public ?float $seatLevel,
        public float $watts,
        public bool $keepsQuiet,
    ) {
    }

    /** @param  int  $units 1 or more */
    public static function of(Performance $performance, Room $room, Target $goal, int $units): self
    {
        $clean = $units * $performance->clean($room->pollutant);
        $rates = RoomAir::of($room, $performance->cleanAir->scaled($units))->losses;
        $level = Sound::together(array_fill(0, max(1, $units), $performance->level));

        return new self(
            $performance,
            $units,
            Judgement::of($goal, $room, $performance->cleanAir, $units),
            $clean,
            $room->airChanges($clean),
            Clearance::time($room->pollutant, $rates, 0.90),
            Clearance::time($room->pollutant, $rates, 0.99),
            $level,
            self::atSeats($performance, $room, $units),
            $units * $performance->watts,
            $room->noiseLimit === null || $level <= $room->noiseLimit + 1e-9,
        );
    }

    private static function atSeats(Performance $performance, Room $room, int $units): ?float
    {
        $levels = is_nan($performance->level) ? [] : $room->plan->levels($performance->level, $units);

        return $levels === [] ? null : max($levels);
    }

    /** @return float clean air of all units for a pollutant, m3/s */
    public function cleanFor(Pollutant $pollutant): float
    {
        return $this->units * $this->performance->clean($pollutant);
    }

    /** Clean air that the goal asks for, m3/s. */
    public function asks(): float
    {
        return $this->judgement->asks ?? INF;
    }

    /** Clean air of the kind that the goal judges, units and building together, m3/s. */
    public function judged(): float
    {
        return $this->judgement->gets();
    }

    public function reachesGoal(): bool
    {
        return $this->judgement->isReached() === true;
    }
}
