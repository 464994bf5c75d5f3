<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Sound;
use Jornel\Core\Room\Target\Target;

/** What some units of one design do for a room at one speed. */
final readonly class SpeedLine
{
    /**
     * @param  float  $clean  clean air for the room's pollutant, all units, m3/s
     * @param  float  $judged  clean air that the goal judges, all units, m3/s
     * @param  float  $airChanges  by the clean air for the room's pollutant, 1/h
     * @param  float  $seconds90  until 90 % of the room's pollutant is gone, s
     * @param  float  $seconds99  until 99 % is gone, s
     * @param  float  $level  all units, each heard from 1 m, dBA
     * @param  float  $watts  all units, W
     */
    private function __construct(
        public Performance $performance,
        public int $units,
        public float $clean,
        public float $judged,
        public float $airChanges,
        public float $seconds90,
        public float $seconds99,
        public float $level,
        public float $watts,
        public bool $reachesGoal,
        public bool $keepsQuiet,
    ) {
    }

    /** @return float clean air of all units for a pollutant, m3/s */
    public function cleanFor(Pollutant $pollutant): float
    {
        return $this->units * $this->performance->clean($pollutant);
    }

    /** @param  int  $units 1 or more */
    public static function of(Performance $performance, Room $room, Target $goal, float $asks, int $units): self
    {
        $clean = $units * $performance->clean($room->pollutant);
        $judged = $units * $performance->clean($goal->judges($room));
        $rates = Clearance::rates($room, $performance->cleanAir->scaled($units));
        $level = Sound::together(array_fill(0, max(1, $units), $performance->speed->level));

        return new self(
            $performance,
            $units,
            $clean,
            $judged,
            $room->airChanges($clean),
            Clearance::time($room->pollutant, $rates, 0.90),
            Clearance::time($room->pollutant, $rates, 0.99),
            $level,
            $units * $performance->speed->watts,
            $judged >= $asks * (1.0 - 1e-9),
            $room->noiseLimit === null || $level <= $room->noiseLimit + 1e-9,
        );
    }
}
