<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** One setting of a fan's switch. */
final readonly class FanSpeed
{
    /** Level that no setting of a fan falls below, dBA at 1 m (assumed). */
    public const FLOOR = 18.0;

    /** Free flow of the bare fan, with nothing in its way, m3/s. */
    public float $bareFlow;

    /**
     * @param  FanCurve  $curve  behind its guard
     * @param  float  $watts  W at the plug, in free air
     * @param  float  $level  dBA at 1 m, in free air
     * @param  float|null  $bareFlow  m3/s; null where the curve is that of the bare fan
     * @param  FlowHold|null  $hold  of a fan that speeds up to hold its flow; null for any other
     * @param  float|null  $volts  of the direct current that gives this speed; null of a fan for the mains
     */
    public function __construct(
        public string $name,
        public FanCurve $curve,
        public float $watts,
        public float $level,
        ?float $bareFlow = null,
        public ?FlowHold $hold = null,
        public ?float $volts = null,
    ) {
        $this->bareFlow = $bareFlow ?? $curve->freeFlow();
    }

    /** The same fan behind a guard that takes a pressure, Pa. */
    public function behindGuard(float $loss): self
    {
        return $loss === 0.0 ? $this : new self($this->name, new HinderedCurve($this->curve, $loss), $this->watts, $this->level, $this->bareFlow);
    }

    /**
     * This speed by the fan laws: Q ~ N, P ~ N2, W = w0 + (W - w0) N3, level + 50 log10(N2 / N1), never below the floor. A
     * guard's loss goes with N2.
     *
     * Source: AMCA / ASHRAE Handbook, HVAC Systems and Equipment; the standing draw of the electronics is assumed.
     *
     * @param  float  $ratio  speed over this one's, above 0
     * @param  float  $standing  w0, what the motor's electronics draw while the fan stands, W, from 0 to the watts of this speed
     */
    public function atRatio(string $name, float $ratio, float $standing = 0.0): self
    {
        return new self(
            $name, $this->curve->scaled($ratio, $ratio ** 2), $standing + ($this->watts - $standing) * $ratio ** 3,
            self::notBelowFloor($this->level + 50.0 * log10($ratio)), $this->bareFlow * $ratio,
        );
    }

    /**
     * The same with figures of its own in place of those that the laws give: a tapped AC motor falls far less than they say.
     *
     * @param  float|null  $watts  W; null for those it has
     * @param  float|null  $level  dBA at 1 m; null for the one it has
     */
    public function withOwn(?float $watts, ?float $level): self
    {
        return new self($this->name, $this->curve, $watts ?? $this->watts, $level ?? $this->level, $this->bareFlow, $this->hold, $this->volts);
    }

    /**
     * The same of a fan that holds its flow.
     *
     * @param  self  $top  its top speed
     * @param  float  $ratio  of this speed over the top speed, above 0, at most 1
     */
    public function holdingFlow(self $top, float $ratio): self
    {
        return new self($this->name, new HeldFlowCurve($this->curve, $top->curve), $this->watts, $this->level, $this->bareFlow, new FlowHold($this->curve, 1.0 / $ratio, $top->watts, $top->level));
    }

    /** The same run by a supply of some direct current, V; null for the mains. */
    public function runAt(?float $volts): self
    {
        return $volts === null ? $this : new self($this->name, $this->curve, $this->watts, $this->level, $this->bareFlow, $this->hold, $volts);
    }

    /**
     * As many alike side by side: flows and watts add at equal pressure, levels by energy.
     *
     * @param  int  $count  1 or more
     */
    public function times(int $count): self
    {
        return $count === 1 ? $this : new self(
            $this->name, $this->curve->scaled((float) $count, 1.0), $this->watts * $count, $this->level + 10.0 * log10($count),
            $this->bareFlow * $count, $this->hold?->times($count), $this->volts,
        );
    }

    /** The same with another curve of another free flow: as measured, or drawn from what is known of it. */
    public function varied(float $flow, float $pressure): self
    {
        return new self($this->name, $this->curve->scaled($flow, $pressure), $this->watts, $this->level, $this->bareFlow * $flow, $this->hold, $this->volts);
    }

    /**
     * A level that nothing is known of stays so.
     *
     * @param  float  $level  dBA
     */
    public static function notBelowFloor(float $level): float
    {
        return is_nan($level) ? $level : max(self::FLOOR, $level);
    }
}
