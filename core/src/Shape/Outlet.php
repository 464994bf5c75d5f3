<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\PressureLaw;

/** What a fan blows through after the box: a straight lined duct, a canister of carbon. */
final readonly class Outlet
{
    /** Noise that a metre of lined flexible duct takes from what comes out of its end, dB (assumed). */
    public const LOSS_PER_METRE = 3.0;

    /** The most that a duct takes, however long, dB (assumed). */
    public const MOST_LOSS = 18.0;

    /** How far the fan's casing is heard under the bare fan, dB (assumed). */
    public const CASING = 12.0;

    /** Noise that a canister takes from what comes out of it, dB (assumed). */
    private const CANISTER_LOSS = 2.0;

    /** Darcy friction factor of flexible duct drawn straight (assumed). */
    private const FRICTION = 0.04;

    /** Drop of a canister at a velocity in its collar, Pa and m/s (assumed). */
    private const CANISTER = [60.0, 4.5];

    /**
     * @param  PressureLaw  $law  of the flow through it, m3/s, in reference air
     * @param  float  $loss  noise that it takes from what comes out of its end, dB
     */
    private function __construct(public PressureLaw $law, private float $loss)
    {
    }

    /**
     * A straight length of lined flexible duct: dP = f (L / D) rho v2 / 2.
     *
     * @param  float  $length  m, zero or more
     * @param  float  $diameter  m, above 0
     */
    public static function duct(float $length, float $diameter): self
    {
        $area = M_PI / 4.0 * $diameter ** 2;

        return new self(new PressureLaw(0.0, 0.6 * self::FRICTION * $length / $diameter / $area ** 2), self::LOSS_PER_METRE * $length);
    }

    /** @param  float  $diameter of its collar, m */
    public static function canister(float $diameter): self
    {
        $flow = self::CANISTER[1] * M_PI / 4.0 * $diameter ** 2;

        return new self(PressureLaw::fromOnePoint($flow, self::CANISTER[0]), self::CANISTER_LOSS);
    }

    /** Both, one behind the other. */
    public function and(self $other): self
    {
        return new self($this->law->plus($other->law), $this->loss + $other->loss);
    }

    /**
     * What is heard of a fan behind it: what comes out of its end, and the casing, added by energy; never below a fan's floor.
     *
     * @param  float  $bare  level of the bare fan at 1 m, dBA
     * @return float dBA
     */
    public function level(float $bare): float
    {
        $end = $bare - min(self::MOST_LOSS, $this->loss);

        return FanSpeed::notBelowFloor(10.0 * log10(10.0 ** ($end / 10.0) + 10.0 ** (($bare - self::CASING) / 10.0)));
    }
}
