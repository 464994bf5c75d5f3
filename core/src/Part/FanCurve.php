<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\Formula;

/** Flow of a fan against the pressure it works against; falls strictly. */
interface FanCurve
{
    /**
     * @param  float  $pressure  Pa, from zero up
     * @return float m3/s; zero from the shut-off pressure on
     */
    public function flow(float $pressure): float;

    /**
     * The inverse: pressure that it makes at a flow.
     *
     * @param  float  $flow  m3/s, from zero up
     * @return float Pa; zero from the free flow on
     */
    public function pressure(float $flow): float;

    /** @return float m3/s against no pressure at all */
    public function freeFlow(): float;

    /** @return float Pa at which nothing moves any more */
    public function shutOff(): float;

    /** How the flow at a pressure is worked out, with the figures put in. */
    public function formula(float $pressure): Formula;

    /**
     * The same curve with every flow and every pressure multiplied.
     *
     * @param  float  $flow  above 0
     * @param  float  $pressure  above 0
     */
    public function scaled(float $flow, float $pressure): self;
}
