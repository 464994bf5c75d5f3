<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\SuppliedSpace;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Sound\Sound;

/** What some units of one design at one speed, and whatever else stands there, do for a room. */
final readonly class SpeedLine
{
    /**
     * @param  Performance  $performance  of one unit
     * @param  int  $units  of the design
     * @param  Output  $output  of all that stands in the room
     * @param  Judgement  $judgement  the goal held against it
     * @param  float  $clean  clean air for the room's pollutant, all that stands there, m3/s
     * @param  float  $airChanges  by the clean air for the room's pollutant and what is blown in, 1/h
     * @param  float  $seconds90  until 90 % of the room's pollutant is gone, s
     * @param  float  $seconds99  until 99 % is gone, s
     * @param  float  $level  all that stands there, each heard from 1 m, dBA
     * @param  float|null  $seatLevel  all together at the seat where they are loudest, dBA; null where no seat is drawn
     * @param  float  $watts  all that stands there, W
     */
    private function __construct(
        public Performance $performance,
        public int $units,
        public Output $output,
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

    /**
     * @param  int  $units  1 or more
     * @param  Purifiers  $others  that stand there besides
     * @param  int  $before  how many of them stand on the plan before the units
     */
    public static function of(Performance $performance, Room $room, Target $goal, int $units, Purifiers $others, int $before): self
    {
        $output = $others->output->told->plus($performance->output()->times((float) $units));
        $clean = $room->pollutant->weigh($output->clean);
        $rates = RoomAir::of(SuppliedSpace::of($room, $output), $output->clean)->losses;
        $levels = [...array_slice($others->levels, 0, $before), ...array_fill(0, $units, $performance->level), ...array_slice($others->levels, $before)];
        $heard = array_values(array_filter($levels, fn (float $level): bool => ! is_nan($level)));
        $level = $heard === [] ? NAN : Sound::together($heard);

        return new self(
            $performance,
            $units,
            $output,
            Judgement::of($goal, $room, $output),
            $clean,
            $room->airChanges($clean + $output->intake),
            Clearance::time($room->pollutant, $rates, 0.90),
            Clearance::time($room->pollutant, $rates, 0.99),
            $level,
            $heard === [] || $levels === [] ? null : self::loudest($room->plan->levelsOf($levels)),
            $others->watts + $units * $performance->watts,
            $room->noiseLimit === null || $level <= $room->noiseLimit + 1e-9,
        );
    }

    /** @param  list<float>  $levels */
    private static function loudest(array $levels): ?float
    {
        return $levels === [] ? null : max($levels);
    }

    /** @return float clean air of all that stands there for a pollutant, m3/s */
    public function cleanFor(Pollutant $pollutant): float
    {
        return $pollutant->weigh($this->output->clean);
    }

    /** Clean air that the goal asks for, m3/s. */
    public function asks(): float
    {
        return $this->judgement->asks ?? INF;
    }

    /** Clean air of the kind that the goal judges, purifiers and building together, m3/s. */
    public function judged(): float
    {
        return $this->judgement->gets();
    }

    public function reachesGoal(): bool
    {
        return $this->judgement->isReached() === true;
    }
}
