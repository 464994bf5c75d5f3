<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** One setting of a fan's switch. */
final readonly class FanSpeed
{
    /** Free flow of the bare fan, with nothing in its way, m3/s. */
    public float $bareFlow;

    /**
     * @param  FanCurve  $curve  behind its guard
     * @param  float  $watts  W at the plug
     * @param  float  $level  dBA at 1 m
     * @param  float|null  $bareFlow  m3/s; null where the curve is that of the bare fan
     */
    public function __construct(
        public string $name,
        public FanCurve $curve,
        public float $watts,
        public float $level,
        ?float $bareFlow = null,
    ) {
        $this->bareFlow = $bareFlow ?? $curve->freeFlow();
    }

    /** The same fan behind a guard that takes a pressure, Pa. */
    public function behindGuard(float $loss): self
    {
        return $loss === 0.0 ? $this : new self($this->name, new HinderedCurve($this->curve, $loss), $this->watts, $this->level, $this->bareFlow);
    }

    /**
     * This speed by the fan laws: Q ~ N, P ~ N2, W ~ N3, level + 50 log10(N2 / N1). A guard's loss goes with N2.
     *
     * Source: AMCA / ASHRAE Handbook, HVAC Systems and Equipment.
     *
     * @param  float  $ratio  speed over this one's, above 0
     */
    public function atRatio(string $name, float $ratio): self
    {
        return new self($name, $this->curve->scaled($ratio, $ratio ** 2), $this->watts * $ratio ** 3, $this->level + 50.0 * log10($ratio), $this->bareFlow * $ratio);
    }

    /**
     * As many alike side by side: flows and watts add at equal pressure, levels by energy.
     *
     * @param  int  $count  1 or more
     */
    public function times(int $count): self
    {
        return $count === 1 ? $this : new self($this->name, $this->curve->scaled((float) $count, 1.0), $this->watts * $count, $this->level + 10.0 * log10($count), $this->bareFlow * $count);
    }
}
