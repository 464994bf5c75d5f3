<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\Ratio;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** What a unit does at one speed of its fans. */
final readonly class Performance
{
    /**
     * @param  float  $freeFlow  of the bare fans in this air, m3/s
     * @param  float  $watts  of all its fans at the plug, W
     * @param  float  $level  at 1 m, dBA
     * @param  non-empty-list<FaceFlow>  $faces
     * @param  list<LeakFlow>  $leaks
     * @param  PerBin  $cleanAir  clean-air delivery rate of each bin, m3/s
     * @param  bool  $isIntake  whether the air that it cleans comes from outdoors
     * @param  Restriction|null  $restriction  as judged at the top speed; null where this speed is judged by itself
     */
    private function __construct(
        public FanSpeed $speed,
        public Balance $balance,
        public float $freeFlow,
        public float $watts,
        public float $level,
        public array $faces,
        public array $leaks,
        public PerBin $cleanAir,
        private bool $isIntake,
        private ?Restriction $restriction = null,
    ) {
    }

    /**
     * Every speed of a design, slowest first.
     *
     * @return non-empty-list<self>
     */
    public static function ofAllSpeeds(Design $design, Assembly $assembly, Air $air): array
    {
        return Unit::of($design, $assembly, $air)->performances();
    }

    /** @param  Balance|null  $near  of another speed; it changes the time alone */
    public static function of(Unit $unit, FanSpeed $speed, ?Balance $near = null): self
    {
        $box = $unit->box;
        $balance = Balance::of($unit->curve($speed), $box, $near);
        $faces = [];
        $clean = PerBin::same(0.0);
        foreach ($box->banks as $bank) {
            $flow = $bank->flow($balance->pressure);
            $efficiency = $bank->efficiency($flow);
            $hardest = $bank->hardestLayer();
            foreach ($bank->ids as $id) {
                $faces[] = new FaceFlow($id, $bank->kind, $flow, $flow / $bank->layers[0]->netArea, $flow / $hardest->netArea, $hardest->ratedVelocity, $efficiency);
            }
            $clean = $clean->plus($bank->cleanAir($flow, $efficiency));
        }
        $leaks = array_map(fn (Leak $leak): LeakFlow => $leak->at($balance->pressure, $box->air->density), $box->leaks);

        $speedUp = $unit->speedUp($speed, $balance->pressure, $balance->fanFlow);

        return new self($speed, $balance, $speed->bareFlow, $unit->watts($speed, $speedUp), $unit->level($speed, $speedUp), $faces, $leaks, $clean, $unit->isIntake);
    }

    /** What it gives the air of a room. */
    public function output(): Output
    {
        return $this->isIntake ? Output::ofIntake($this->balance, $this->leaks, $this->cleanAir) : Output::recirculating($this->cleanAir);
    }

    /** @return float clean-air delivery rate for a pollutant, m3/s */
    public function clean(Pollutant $pollutant): float
    {
        return $pollutant->weigh($this->cleanAir);
    }

    /** Share of the bare fan's free flow that goes through the filters; what leaks earn nothing. */
    public function freeShare(): float
    {
        return Ratio::of($this->balance->filterFlow, $this->freeFlow) ?? 0.0;
    }

    /** How hard the filters hold the fan back: judged at the top speed for all speeds, since both share and drop vary with it. */
    public function restriction(): Restriction
    {
        return $this->restriction ?? Restriction::of($this->freeShare(), $this->balance->pressure);
    }

    /** The same speed with the restriction of the unit's top speed. */
    public function restrictedAs(self $top): self
    {
        return new self($this->speed, $this->balance, $this->freeFlow, $this->watts, $this->level, $this->faces, $this->leaks, $this->cleanAir, $this->isIntake, $top->restriction());
    }

    /** Clean air for a pollutant over the flow of the fan; null where the fan moves nothing. */
    public function systemEfficiency(Pollutant $pollutant): ?float
    {
        return Ratio::of($this->clean($pollutant), $this->balance->fanFlow);
    }

    /** @return float|null W for a cubic metre of clean air a second; null where nothing of the pollutant is caught */
    public function wattsPerCleanAir(Pollutant $pollutant): ?float
    {
        return Ratio::of($this->watts, $this->clean($pollutant));
    }

    /** The face that runs fastest against its rating. */
    public function hardestFace(): FaceFlow
    {
        $hardest = $this->faces[0];
        foreach ($this->faces as $face) {
            if ($face->hardestVelocity / $face->ratedVelocity > $hardest->hardestVelocity / $hardest->ratedVelocity) {
                $hardest = $face;
            }
        }

        return $hardest;
    }

    /** Faces of the same kind that would bring the hardest one within its rating. */
    public function facesWithinRating(): int
    {
        $hardest = $this->hardestFace();

        return (int) ceil(count($this->faces) * $hardest->hardestVelocity / $hardest->ratedVelocity - 1e-9);
    }
}
