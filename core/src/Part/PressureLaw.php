<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\Air;

/**
 * Pressure drop of a filter over its face velocity: dP = a v + b v2.
 *
 * The linear part is the media (viscous: it follows viscosity), the square part the pleats and the frame (inertial:
 * it follows density).
 */
final readonly class PressureLaw
{
    /** Share of a single rated drop that is taken as linear (assumed). */
    public const LINEAR_SHARE = 0.75;

    /**
     * @param  float  $viscous  a, Pa s/m, zero or more
     * @param  float  $inertial  b, Pa s2/m2, zero or more; not both zero
     */
    public function __construct(public float $viscous, public float $inertial)
    {
    }

    /**
     * From one rated point, three quarters of it linear (assumed).
     *
     * @param  float  $velocity  m/s, above 0
     * @param  float  $drop  Pa, above 0
     */
    public static function fromOnePoint(float $velocity, float $drop): self
    {
        return new self(self::LINEAR_SHARE * $drop / $velocity, (1.0 - self::LINEAR_SHARE) * $drop / $velocity ** 2);
    }

    /**
     * @param  float  $velocity  m/s, zero or more
     * @return float Pa
     */
    public function drop(float $velocity): float
    {
        return ($this->viscous + $this->inertial * $velocity) * $velocity;
    }

    /**
     * Face velocity at a drop, in closed form that is safe for b = 0: v = 2 dP / (a + sqrt(a2 + 4 b dP)).
     *
     * @param  float  $drop  Pa, zero or more
     * @return float m/s
     */
    public function velocity(float $drop): float
    {
        return $drop <= 0.0 ? 0.0 : 2.0 * $drop / ($this->viscous + sqrt($this->viscous ** 2 + 4.0 * $this->inertial * $drop));
    }

    /** The same filter in other air. */
    public function in(Air $air): self
    {
        return new self(
            $this->viscous * $air->viscosity / Air::REFERENCE_VISCOSITY,
            $this->inertial * $air->density / Air::REFERENCE_DENSITY,
        );
    }
}
