<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** One setting of a fan's switch. */
final readonly class FanSpeed
{
    /**
     * @param  float  $watts  W at the plug
     * @param  float  $level  dBA at 1 m
     */
    public function __construct(
        public string $name,
        public FanCurve $curve,
        public float $watts,
        public float $level,
    ) {
    }

    /**
     * This speed by the fan laws: Q ~ N, P ~ N2, W ~ N3, level + 50 log10(N2 / N1).
     *
     * Source: AMCA / ASHRAE Handbook, HVAC Systems and Equipment.
     *
     * @param  float  $ratio  speed over this one's, above 0
     */
    public function atRatio(string $name, float $ratio): self
    {
        return new self($name, $this->curve->scaled($ratio, $ratio ** 2), $this->watts * $ratio ** 3, $this->level + 50.0 * log10($ratio));
    }
}
