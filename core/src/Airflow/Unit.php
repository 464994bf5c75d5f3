<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Part\FanCurve;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\HinderedCurve;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Outlet;

/** All that the balance of a unit asks: its box, its fans at every speed, and what stands in their way. */
final readonly class Unit
{
    /**
     * @param  non-empty-list<FanSpeed>  $speeds  of all fans together, slowest first
     * @param  float  $flowFactor  on every flow of the fans: throttling, pushing; above 0
     * @param  Outlet|null  $outlet  what the fans blow through after the box
     * @param  Provenances  $from  where its figures came from
     * @param  list<string>  $notes  what was estimated or is doubtful about its parts
     * @param  bool  $isIntake  whether the air that it cleans comes from outdoors
     */
    public function __construct(
        public Box $box,
        public array $speeds,
        public float $flowFactor,
        public ?Outlet $outlet,
        public Provenances $from,
        public array $notes,
        public bool $isIntake = false,
    ) {
    }

    public static function of(Design $design, Assembly $assembly, Air $air): self
    {
        $pushes = $design->direction() === Direction::Push;

        return new self(
            Box::of($assembly->faces, Leak::of($assembly, $design), $air),
            $design->speeds(),
            $assembly->throttle * ($pushes ? $design->fan->pushingFactor : 1.0),
            $assembly->outlet,
            Provenances::of($design),
            $design->fan->rating->notes,
            $assembly->isIntake,
        );
    }

    /**
     * What it does at every speed, slowest first.
     *
     * @return non-empty-list<Performance>
     */
    public function performances(): array
    {
        $performances = [];
        $near = null;
        foreach ($this->speeds as $speed) {
            $performances[] = $performance = Performance::of($this, $speed, $near);
            $near = $performance->balance;
        }
        $top = $performances[count($performances) - 1];

        return array_map(fn (Performance $one): Performance => $one->restrictedAs($top), $performances);
    }

    /**
     * The same with dust in its filters.
     *
     * @param  list<list<float>>  $shares  of each bank's layers, over their capacity for that dust
     */
    public function loaded(array $shares): self
    {
        return $this->with($this->box->loaded($shares), $this->speeds);
    }

    /** The same with leaks of another area in all, m2. */
    public function leaking(float $area): self
    {
        return $this->with($this->box->leaking($area), $this->speeds);
    }

    /**
     * The same as a design with other corners and another joining, which leak their own way.
     *
     * @param  Design  $design  alike in all else
     * @param  Assembly  $assembly  of it
     */
    public function made(Design $design, Assembly $assembly): self
    {
        return new self($this->box->withLeaks(Leak::of($assembly, $design)), $this->speeds, $this->flowFactor, $this->outlet, Provenances::of($design), $this->notes, $this->isIntake);
    }

    /** The same with one of its speeds alone. */
    public function at(int $speed): self
    {
        return $this->with($this->box, [$this->speeds[$speed]]);
    }

    /** The same with other figures than those told. */
    public function varied(Variation $by): self
    {
        return $this->with(
            $this->box->varied($by),
            $by->fanFlow === 1.0 && $by->fanPressure === 1.0 ? $this->speeds : array_map(fn (FanSpeed $speed): FanSpeed => $speed->varied($by->fanFlow, $by->fanPressure), $this->speeds),
        );
    }

    /** A speed's curve as it works on the box, in the air there is. */
    public function curve(FanSpeed $speed): FanCurve
    {
        $air = $this->box->air;
        $curve = $this->flowFactor === 1.0 && $air->density === Air::REFERENCE_DENSITY
            ? $speed->curve : $speed->curve->scaled($this->flowFactor, $air->density / Air::REFERENCE_DENSITY);

        return $this->outlet === null ? $curve : new HinderedCurve($curve, 0.0, $this->outlet->law->in($air));
    }

    /**
     * Speed of the fans over that of the setting, at a balance: 1 but for fans that hold their flow.
     *
     * @param  float  $pressure  between room and box, Pa
     * @param  float  $flow  of the fans, m3/s
     */
    public function speedUp(FanSpeed $speed, float $pressure, float $flow): float
    {
        if ($speed->hold === null) {
            return 1.0;
        }
        $air = $this->box->air;
        $against = $pressure + ($this->outlet === null ? 0.0 : $this->outlet->law->in($air)->drop($flow));

        return $speed->hold->speedUp($against * Air::REFERENCE_DENSITY / $air->density);
    }

    /** @return float W of all its fans at the plug */
    public function watts(FanSpeed $speed, float $speedUp): float
    {
        return $speed->hold?->watts($speed->watts, $speedUp) ?? $speed->watts;
    }

    /** @return float of all its fans at 1 m, dBA */
    public function level(FanSpeed $speed, float $speedUp): float
    {
        $level = $speed->hold?->level($speed->level, $speedUp) ?? $speed->level;

        return $this->outlet?->level($level) ?? $level;
    }

    /** What it gives the air of a room at a balance. */
    public function output(Balance $balance): Output
    {
        $clean = $this->box->cleanAir($balance->pressure);

        return $this->isIntake
            ? Output::ofIntake($balance, array_map(fn (Leak $leak): LeakFlow => $leak->at($balance->pressure, $this->box->air->density), $this->box->leaks), $clean)
            : Output::recirculating($clean);
    }

    /** @param  non-empty-list<FanSpeed>  $speeds */
    private function with(Box $box, array $speeds): self
    {
        return new self($box, $speeds, $this->flowFactor, $this->outlet, $this->from, $this->notes, $this->isIntake);
    }
}
