<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** Some units of one design held against the goal of a room. */
final readonly class UnitLedger
{
    /**
     * @param  non-empty-list<SpeedLine>  $speeds  slowest first
     * @param  int  $chosen  which of them is judged
     * @param  float  $asks  clean air that the goal asks for, m3/s
     * @param  int  $needed  units that would reach the goal at the chosen speed
     * @param  list<Finding>  $findings
     */
    private function __construct(
        public Design $design,
        public Assembly $assembly,
        public int $units,
        public array $speeds,
        public int $chosen,
        public float $asks,
        public int $needed,
        public array $findings,
    ) {
    }

    /**
     * @param  int  $units  1 or more
     * @param  string|null  $speed  name of the speed to judge; null for the fastest that keeps to the noise limit
     * @param  float  $asks  clean air that the goal asks for, m3/s
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public static function of(Design $design, Room $room, Target $goal, float $asks, int $units, ?string $speed, Air $air): self
    {
        $assembly = $design->assemble();
        $speeds = array_map(
            fn (Performance $performance): SpeedLine => SpeedLine::of($performance, $room, $goal, $asks, $units),
            Performance::ofAllSpeeds($design, $assembly, $air),
        );
        $chosen = self::choose($speeds, $speed);
        $line = $speeds[$chosen];
        $needed = max(1, (int) ceil($asks / ($line->judged / $units) - 1e-9));

        return new self($design, $assembly, $units, $speeds, $chosen, $asks, $needed, Verdict::findings($design, $room, $goal, $asks, $units, $speeds, $line, $needed));
    }

    public function line(): SpeedLine
    {
        return $this->speeds[$this->chosen];
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
