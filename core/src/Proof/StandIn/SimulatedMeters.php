<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\StandIn;

use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Sound\Sound;

/**
 * Meters that tell what a unit in a room would make them tell, at any moment: the same moment always tells the same. They
 * scatter, drift, and now and then tell nothing.
 */
final readonly class SimulatedMeters
{
    /** Smoke is let out every hour and a half, for eight minutes, s. */
    public const ROUND = 5400.0;

    private const RISE = 480.0;

    private const PEAK = 300.0;

    private const BACKGROUND = 6.0;

    /** Air changes and settling without a unit, 1/s. */
    private const LOSSES = 0.95 / 3600.0;

    /** Share of moments at which a meter tells nothing. */
    private const LOST = 0.01;

    private const DAY = 86400.0;

    public function __construct(private int $seed)
    {
    }

    /**
     * @param  float  $time  s since 1970
     * @param  float  $cleanAir  of the unit, m3/s; 0 while it is off
     * @param  float  $volume  of the room, m3, above 0
     * @return float|null µg/m3; null where it tells nothing
     */
    public function particles(float $time, float $cleanAir, float $volume): ?float
    {
        $since = fmod($time, self::ROUND);
        $rate = self::LOSSES + $cleanAir / $volume;
        $true = self::BACKGROUND + (self::PEAK - self::BACKGROUND) * ($since < self::RISE ? $since / self::RISE : exp(-$rate * ($since - self::RISE)));
        // Its drift goes up and down with the day.
        $drift = 1.0 + 0.01 * sin(2.0 * M_PI * $time / self::DAY);

        return $this->told($time, 1, fn (MeterNoise $noise): float => max(0.0, $true * $drift + sqrt(Weights::FLOOR ** 2 + (Weights::SHARE * $true) ** 2) * $noise->normal()));
    }

    /**
     * @param  float  $x  share of the width of the outlet
     * @param  float  $y  share of its height
     * @param  float  $mean  over the outlet, m/s
     * @return float|null m/s
     */
    public function airSpeed(float $time, float $x, float $y, float $mean): ?float
    {
        return $this->told($time, 2, fn (MeterNoise $noise): float => $mean * SimulatedOutlet::profile(hypot(2.0 * $x - 1.0, 2.0 * $y - 1.0)) * (1.0 + 0.04 * $noise->normal()));
    }

    /**
     * @param  float|null  $unit  of the unit at the meter, dBA; null while it is off
     * @return float|null dBA
     */
    public function level(float $time, ?float $unit, float $background = 36.0): ?float
    {
        return $this->told($time, 3, fn (MeterNoise $noise): float => Sound::together($unit === null ? [$background] : [$unit, $background]) + 0.5 * $noise->normal());
    }

    /** @return float|null W */
    public function watts(float $time, float $true): ?float
    {
        return $this->told($time, 4, fn (MeterNoise $noise): float => max(0.0, $true * (1.0 + 0.01 * $noise->normal())));
    }

    /** @return float|null µg/m3 outdoors: more in the morning and in the evening */
    public function outdoors(float $time): ?float
    {
        return $this->told($time, 5, fn (MeterNoise $noise): float => max(0.0, 11.0 + 5.0 * sin(4.0 * M_PI * $time / self::DAY) + $noise->normal()));
    }

    /** @return float|null °C outdoors: warmest in the afternoon */
    public function temperature(float $time): ?float
    {
        return $this->told($time, 6, fn (MeterNoise $noise): float => 9.0 - 6.0 * cos(2.0 * M_PI * ($time / self::DAY - 3.0 / 24.0)) + 0.2 * $noise->normal());
    }

    /** @param  callable(MeterNoise): float  $value */
    private function told(float $time, int $meter, callable $value): ?float
    {
        $noise = new MeterNoise(crc32("{$this->seed} {$meter} ".(int) floor($time)));

        return $noise->uniform() < self::LOST ? null : $value($noise);
    }
}
