<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\PressureLaw;

/** What a fan blows through after the box: a straight lined duct, a canister of carbon. */
final readonly class Outlet
{
    /** Noise that a metre of lined flexible duct takes off, dB (assumed). */
    public const INSERTION_LOSS = 6.0;

    /** Darcy friction factor of flexible duct drawn straight (assumed). */
    private const FRICTION = 0.04;

    /** Drop of a canister at a velocity in its collar, Pa and m/s (assumed). */
    private const CANISTER = [60.0, 4.5];

    /**
     * @param  PressureLaw  $law  of the flow through it, m3/s, in reference air
     * @param  float  $quieter  dB that it takes off
     */
    private function __construct(public PressureLaw $law, public float $quieter)
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

        return new self(new PressureLaw(0.0, 0.6 * self::FRICTION * $length / $diameter / $area ** 2), self::INSERTION_LOSS * $length);
    }

    /** @param  float  $diameter of its collar, m */
    public static function canister(float $diameter): self
    {
        $flow = self::CANISTER[1] * M_PI / 4.0 * $diameter ** 2;

        return new self(PressureLaw::fromOnePoint($flow, self::CANISTER[0]), 2.0);
    }

    /** Both, one behind the other. */
    public function and(self $other): self
    {
        return new self($this->law->plus($other->law), $this->quieter + $other->quieter);
    }
}
