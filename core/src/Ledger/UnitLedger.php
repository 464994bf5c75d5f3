<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;

/** Some units of one design held against the goal of a room. */
final readonly class UnitLedger
{
    /**
     * @param  non-empty-list<SpeedLine>  $speeds  slowest first
     * @param  int  $chosen  which of them is judged
     * @param  float  $asks  clean air that the goal asks for, m3/s
     * @param  int  $needed  units that would reach the goal at the chosen speed
     * @param  Measurements  $measurements  of one unit
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public Design $design,
        public Assembly $assembly,
        public Unit $unit,
        public int $units,
        public array $speeds,
        public int $chosen,
        public float $asks,
        public int $needed,
        public Measurements $measurements,
        public array $findings,
        private Pollutant $judges,
        private Tolerances $tolerances,
    ) {
    }

    /**
     * @param  int  $units  1 or more
     * @param  string|null  $speed  name of the speed to judge; null for the fastest that keeps to the noise limit
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public static function of(Design $design, Room $room, Target $goal, int $units, ?string $speed, Air $air, Tolerances $tolerances): self
    {
        $assembly = $design->assemble();
        $unit = Unit::of($design, $assembly, $air);
        $speeds = array_map(fn (Performance $performance): SpeedLine => SpeedLine::of($performance, $room, $goal, $units), $unit->performances());
        $chosen = self::choose($speeds, $speed);
        $line = $speeds[$chosen];
        $needed = $line->judgement->needed() ?? 1;
        $measurements = Measurements::of($design);

        return new self($design, $assembly, $unit, $units, $speeds, $chosen, $line->asks(), $needed, $measurements, Verdict::findings($design, $room, $goal, $units, $speeds, $line, $needed, $measurements), $goal->judges($room), $tolerances);
    }

    public function line(): SpeedLine
    {
        return $this->speeds[$this->chosen];
    }

    /** Where the clean air of all units that the goal judges lies nine times in ten, m3/s. */
    public function band(): Band
    {
        return Propagation::through($this->unit, $this->chosen, $this->tolerances)->cleanAir($this->judges)->times((float) $this->units);
    }

    public function standing(): Standing
    {
        return Standing::worstOf($this->findings);
    }

    /** @param  non-empty-list<SpeedLine>  $speeds */
    private static function choose(array $speeds, ?string $name): int
    {
        $quiet = 0;
        foreach ($speeds as $index => $line) {
            if ($name !== null && $line->performance->speed->name === $name) {
                return $index;
            }
            if ($line->keepsQuiet) {
                $quiet = $index;
            }
        }

        return $quiet;
    }
}
