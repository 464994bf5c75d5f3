<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\StandIn;

use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\Weights;

/**
 * A room with a particle counter in it: smoke is let out for some minutes, then cleared by air changes, settling and a unit. The
 * counter scatters, drifts and now and then tells nothing.
 */
final readonly class SimulatedRoom
{
    /** Drift of a counter over an hour, as a share, one standard deviation (assumed). */
    private const DRIFT = 0.01;

    /** Share of readings that are lost (assumed). */
    private const LOST = 0.01;

    /**
     * @param  float  $volume  m3
     * @param  float  $losses  by air changes and settling, 1/s
     * @param  float  $background  what comes in from outdoors, in the end, µg/m3
     * @param  float  $ceiling  most that the counter tells, µg/m3
     */
    public function __construct(private float $volume, private float $losses, private float $background, private MeterNoise $noise, private float $ceiling = 1000.0)
    {
    }

    /**
     * @param  float  $cleanAir  of the unit, m3/s; 0 while it is off
     * @param  float  $peak  µg/m3 when the smoke has been let out
     * @param  float  $rise  s that it is let out for
     * @param  float  $duration  s in all
     * @param  float  $step  s between readings
     * @param  float  $swing  share by which the concentration swings where the room is badly mixed
     */
    public function log(float $cleanAir, float $peak, float $rise, float $duration, float $step, float $swing = 0.0): ParticleSeries
    {
        $rate = $this->losses + $cleanAir / $this->volume;
        $drift = self::DRIFT * $this->noise->normal();
        [$times, $values] = [[], []];
        for ($time = 0.0; $time <= $duration; $time += $step) {
            $true = $this->background + ($peak - $this->background) * ($time < $rise ? $time / $rise : exp(-$rate * ($time - $rise)));
            $true *= 1.0 + $swing * sin($time / 130.0);
            $told = $true * (1.0 + $drift * $time / 3600.0) + sqrt(Weights::FLOOR ** 2 + (Weights::SHARE * $true) ** 2) * $this->noise->normal();
            if ($this->noise->uniform() >= self::LOST) {
                $times[] = $time;
                $values[] = round(min($this->ceiling, max(0.0, $told)), 1);
            }
        }

        return new ParticleSeries($times, $values);
    }
}
