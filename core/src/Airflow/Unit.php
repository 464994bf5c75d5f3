<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Part\FanCurve;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\HinderedCurve;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;

/** All that the balance of a unit asks: its box, its fans at every speed, and what stands in their way. */
final readonly class Unit
{
    /**
     * @param  non-empty-list<FanSpeed>  $speeds  of all fans together, slowest first
     * @param  float  $flowFactor  on every flow of the fans: throttling, pushing; above 0
     * @param  PressureLaw|null  $outlet  of the flow after the fan, m3/s, in reference air
     * @param  float  $quieter  dB that the outlet takes off
     * @param  Provenances  $from  where its figures came from
     * @param  list<string>  $notes  what was estimated or is doubtful about its parts
     */
    public function __construct(
        public Box $box,
        public array $speeds,
        public float $flowFactor,
        public ?PressureLaw $outlet,
        public float $quieter,
        public Provenances $from,
        public array $notes,
    ) {
    }

    public static function of(Design $design, Assembly $assembly, Air $air): self
    {
        $pushes = $design->direction() === Direction::Push;

        return new self(
            Box::of($assembly->faces, Leak::of($assembly, $design), $air),
            $design->speeds(),
            $assembly->throttle * ($pushes ? $design->fan->pushingFactor : 1.0),
            $assembly->outlet?->law,
            $assembly->outlet->quieter ?? 0.0,
            new Provenances(
                $design->fan->rating->flowFrom, $design->fan->rating->pressureFrom, $design->filter->provenance,
                $design->filter->gradeFrom, $design->joining->provenance, $design->fan->recirculationFrom,
            ),
            $design->fan->rating->notes,
        );
    }

    /**
     * What it does at every speed, slowest first.
     *
     * @return non-empty-list<Performance>
     */
    public function performances(): array
    {
        return array_map(fn (FanSpeed $speed): Performance => Performance::of($this, $speed), $this->speeds);
    }

    /**
     * The same with dust in its filters.
     *
     * @param  list<list<float>>  $shares  of each bank's layers, over their capacity for that dust
     */
    public function loaded(array $shares): self
    {
        return new self($this->box->loaded($shares), $this->speeds, $this->flowFactor, $this->outlet, $this->quieter, $this->from, $this->notes);
    }

    /** The same with one of its speeds alone. */
    public function at(int $speed): self
    {
        return new self($this->box, [$this->speeds[$speed]], $this->flowFactor, $this->outlet, $this->quieter, $this->from, $this->notes);
    }

    /** The same with other figures than those told. */
    public function varied(Variation $by): self
    {
        return new self(
            $this->box->varied($by),
            array_map(fn (FanSpeed $speed): FanSpeed => new FanSpeed($speed->name, $speed->curve->scaled($by->fanFlow, $by->fanPressure), $speed->watts, $speed->level, $speed->bareFlow * $by->fanFlow), $this->speeds),
            $this->flowFactor, $this->outlet, $this->quieter, $this->from, $this->notes,
        );
    }

    /** A speed's curve as it works on the box, in the air there is. */
    public function curve(FanSpeed $speed): FanCurve
    {
        $air = $this->box->air;
        $curve = $this->flowFactor === 1.0 && $air->density === Air::REFERENCE_DENSITY
            ? $speed->curve : $speed->curve->scaled($this->flowFactor, $air->density / Air::REFERENCE_DENSITY);

        return $this->outlet === null ? $curve : new HinderedCurve($curve, 0.0, $this->outlet->in($air));
    }
}
