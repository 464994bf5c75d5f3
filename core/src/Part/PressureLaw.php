<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\Air;
use Jornel\Core\Numeric\LeastSquares;

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
     * From rated points: one by its linear share, several by unweighted least squares in Pa.
     *
     * @param  non-empty-list<array{float, float}>  $points  velocity m/s, drop Pa, both above 0
     */
    public static function fromPoints(array $points): self
    {
        if (count($points) === 1) {
            return self::fromOnePoint(...$points[0]);
        }
        [$viscous, $inertial] = LeastSquares::twoNonNegative(array_map(
            fn (array $point): array => [$point[0], $point[0] ** 2, $point[1]],
            $points,
        ));

        return new self($viscous, $inertial);
    }

    /**
     * Several laws run through by the same flow, each over its own area, as one law of that flow: drops add.
     *
     * @param  non-empty-list<array{self, float}>  $layers  law, net area m2
     * @return self of which the velocity is the flow, m3/s
     */
    public static function ofFlowThrough(array $layers): self
    {
        $viscous = $inertial = 0.0;
        foreach ($layers as [$law, $area]) {
            $viscous += $law->viscous / $area;
            $inertial += $law->inertial / $area ** 2;
        }

        return new self($viscous, $inertial);
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
        return $drop <= 0.0 ? 0.0 : 2.0 * $drop / ($this->viscous + sqrt($this->viscous * $this->viscous + 4.0 * $this->inertial * $drop));
    }

    /**
     * The same media folded to another area: the media's part goes with its inverse, that of pleats and frame stays.
     *
     * @param  float  $from  media area now, m2, above 0
     * @param  float  $to  media area then, m2, above 0
     */
    public function withMediaArea(float $from, float $to): self
    {
        return new self($this->viscous * $from / $to, $this->inertial);
    }

    /** @param  float  $factor on the drop at every velocity: by dust, say */
    public function scaled(float $factor): self
    {
        return new self($this->viscous * $factor, $this->inertial * $factor);
    }

    /** One behind the other, over the same area: drops add. */
    public function plus(self $other): self
    {
        return new self($this->viscous + $other->viscous, $this->inertial + $other->inertial);
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
