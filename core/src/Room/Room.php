<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\FurnishingKind;

/** A room with what is in its air and who is in it. */
final readonly class Room implements Space
{
    public const PEOPLE = [0, 2000];

    /** Lowest and highest noise limit that is allowed, dBA. */
    public const NOISE = [20.0, 90.0];

    /** Concentration outdoors that is allowed, ug/m3. */
    public const OUTDOOR = [0.0, 5000.0];

    /** Outdoor air or central air that is allowed, m3/s. */
    public const FLOW = [0.0, 20.0];

    /**
     * @param  FloorPlan  $plan  its outline with what stands in it
     * @param  float|null  $noiseLimit  dBA at 1 m from a unit; null for none
     * @param  float|null  $outdoor  concentration of the pollutant outdoors, ug/m3; null where it is not told
     * @param  bool  $hasFuelBurning  whether a fuel-burning appliance stands in it
     */
    private function __construct(
        public string $name,
        public Occupancy $use,
        public FloorPlan $plan,
        public int $people,
        public Pollutant $pollutant,
        public ?float $noiseLimit,
        public bool $hasFuelBurning,
        private Ventilation $ventilation,
        private ?float $outdoor,
    ) {
    }

    /** @throws InvalidRoom */
    public static function of(
        string $name,
        Occupancy $use,
        FloorPlan $plan,
        int $people,
        Pollutant $pollutant,
        ?float $noiseLimit,
        bool $hasFuelBurning = false,
        Ventilation $ventilation = new Ventilation,
        ?float $outdoor = null,
    ): self {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > 80) {
            throw InvalidRoom::noName();
        }
        [$length, $width] = $plan->sides();
        self::check($plan->isDrawn ? 'room.outline' : 'room.length', $length, FloorPlan::SIDE, 'm');
        self::check($plan->isDrawn ? 'room.outline' : 'room.width', $width, FloorPlan::SIDE, 'm');
        foreach ($plan->outline->heights as $height) {
            self::check('room.height', $height, FloorPlan::CEILING, 'm');
        }
        if ($people < self::PEOPLE[0] || $people > self::PEOPLE[1]) {
            throw InvalidRoom::notAWholeNumber('room.people', ...self::PEOPLE);
        }
        if ($noiseLimit !== null) {
            self::check('room.noise_limit', $noiseLimit, self::NOISE, 'dBA');
        }

        return new self($name, $use, $plan, $people, $pollutant, $noiseLimit, $hasFuelBurning || $plan->all(FurnishingKind::Appliance) !== [], $ventilation, $outdoor);
    }

    /** @return float m2 */
    public function floorArea(): float
    {
        return $this->plan->area();
    }

    /** @return float m3 */
    public function volume(): float
    {
        return $this->plan->volume();
    }

    /** @return float mean height of its ceiling, m */
    public function ceiling(): float
    {
        return $this->plan->height();
    }

    public function people(): int
    {
        return $this->people;
    }

    public function occupancy(): Occupancy
    {
        return $this->use;
    }

    public function pollutant(): Pollutant
    {
        return $this->pollutant;
    }

    public function ventilation(): Ventilation
    {
        return $this->ventilation;
    }

    public function deposition(): PerBin
    {
        return PerBin::of(RoomAir::DEPOSITION);
    }

    public function mixing(): float
    {
        return 1.0;
    }

    public function mixingRange(): array
    {
        return Clearance::MIXING;
    }

    public function outdoor(): ?float
    {
        return $this->outdoor;
    }

    public function source(): float
    {
        return 0.0;
    }

    /**
     * Surface of all its sides.
     *
     * @return float m2
     */
    public function surface(): float
    {
        return $this->plan->surface();
    }

    /**
     * Air changes per hour by a flow: 3600 Q / V.
     *
     * @param  float  $flow  m3/s
     */
    public function airChanges(float $flow): float
    {
        return 3600.0 * $flow / $this->volume();
    }

    /**
     * @param  array{float, float}  $range
     *
     * @throws InvalidRoom
     */
    private static function check(string $field, float $value, array $range, string $unit): void
    {
        // A length typed in feet and kept in metres may stand a hair outside its bound.
        if (! ($value >= $range[0] * (1.0 - 1e-6) && $value <= $range[1] * (1.0 + 1e-6))) {
            throw InvalidRoom::outOfRange($field, $value, $range[0], $range[1], $unit);
        }
    }
}
