<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\SuppliedSpace;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Likelihood;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;

/** Some units of one design, with whatever else stands in the room, held against its goal. */
final readonly class UnitLedger
{
    /** Units that are counted up to when it is asked how many would surely do. */
    private const MOST_SURE = 48;

    /** Chance that the goal is reached, 0 to 1. */
    public float $chance;

    public Likelihood $likelihood;

    /** @var list<Finding> */
    public array $findings;

    /**
     * @param  non-empty-list<SpeedLine>  $speeds  slowest first
     * @param  int  $chosen  which of them is judged
     * @param  int  $needed  units that would reach the goal at the chosen speed by the figures as told
     * @param  Measurements  $measurements  of one unit
     * @param  list<Placement>  $beside  what else stands there
     * @param  UncertainOutput  $one  output of one unit at the chosen speed
     * @param  UncertainOutput  $output  of all that stands there
     */
    private function __construct(
        public Design $design,
        public Assembly $assembly,
        public Unit $unit,
        public int $units,
        public array $speeds,
        public int $chosen,
        public int $needed,
        public Measurements $measurements,
        public Room $room,
        public Target $goal,
        public array $beside,
        private Purifiers $others,
        private UncertainOutput $one,
        public UncertainOutput $output,
        private Setting $setting,
    ) {
        $this->chance = $this->line()->judgement->chance($output) ?? 0.0;
        $this->likelihood = $setting->likelihoods->of($this->chance);
        $this->findings = Verdict::findings($this);
    }

    /**
     * @param  int  $units  1 or more
     * @param  string|null  $speed  name of the speed to judge; null for the fastest that keeps to the noise limit
     * @param  list<Placement>  $beside  what else stands there
     * @param  int  $at  how many of those stand before the units in the order of the room
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public static function of(Design $design, Room $room, Target $goal, int $units, ?string $speed, Setting $setting, array $beside = [], int $at = 0): self
    {
        $assembly = $design->assemble();
        $unit = Unit::of($design, $assembly, $setting->air);
        $others = Placement::together($beside);
        $before = Placement::together(array_slice($beside, 0, $at))->count();
        $speeds = array_map(fn (Performance $performance): SpeedLine => SpeedLine::of($performance, $room, $goal, $units, $others, $before), $unit->performances());
        $chosen = self::choose($speeds, $speed);
        $one = Propagation::through($unit, $chosen, $setting->tolerances)->output();

        return new self(
            $design, $assembly, $unit, $units, $speeds, $chosen,
            Judgement::needed($goal, $room, $others->output->told, $one->told) ?? 1,
            Measurements::of($design), $room, $goal, $beside, $others, $one, $others->output->plus($one->times($units)), $setting,
        );
    }

    public function line(): SpeedLine
    {
        return $this->speeds[$this->chosen];
    }

    /** Clean air that the goal asks for, m3/s. */
    public function asks(): float
    {
        return $this->line()->asks();
    }

    /** 90 % interval of the clean air that the goal judges, all that stands there and the building, m3/s. */
    public function band(): Band
    {
        return Band::ofDistribution($this->line()->judgement->given($this->output));
    }

    /**
     * Between which the time lies until a share of the room's pollutant is gone: with the 90 % interval of the clean air and
     * the range of the mixing.
     *
     * @param  float  $share  above 0, below 1
     * @return array{float, float} s
     */
    public function timeRange(float $share): array
    {
        $pollutant = $this->room->pollutant;
        $told = $pollutant->weigh($this->output->told->clean);
        $band = Band::ofDistribution($this->output->distribution(fn ($output): float => $pollutant->weigh($output->clean)));
        $factor = fn (float $value): float => $told > 0.0 ? $value / $told : 1.0;

        return Clearance::range(SuppliedSpace::of($this->room, $this->output->told), $pollutant, $this->output->told->clean, $factor($band->low), $factor($band->high), $share);
    }

    /**
     * Units that reach the goal with the chance from which it counts as surely reached.
     *
     * @return int|null null where that is more than is counted up to, or where no number does
     */
    public function neededSurely(): ?int
    {
        $sure = $this->setting->likelihoods->sure();
        for ($units = 1; $units <= self::MOST_SURE; $units++) {
            if ($this->chanceOf($units) >= $sure) {
                return $units;
            }
        }

        return null;
    }

    /**
     * Chance that so many units would reach the goal.
     *
     * @param  int  $units  1 or more
     */
    public function chanceOf(int $units): float
    {
        $output = $this->others->output->plus($this->one->times($units));

        return Judgement::of($this->goal, $this->room, $output->told)->chance($output) ?? 0.0;
    }

    /** The figure whose measuring would narrow the range the most; null where all are measured. */
    public function surer(): ?Surer
    {
        return Surer::of($this->line()->judgement, $this->output);
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
