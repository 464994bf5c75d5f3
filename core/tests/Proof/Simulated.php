<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Closure;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Logs as a low-cost meter would tell them, with a seed. */
final class Simulated
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function normal(): float
    {
        return sqrt(-2.0 * log($this->uniform())) * cos(2.0 * M_PI * $this->uniform());
    }

    /** @return float above 0, below 1 */
    public function uniform(): float
    {
        return ($this->random->getInt(0, (1 << 30) - 1) + 0.5) / (1 << 30);
    }

    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->uniform();
    }

    /**
     * Smoke that is let out for some minutes and then cleared.
     *
     * @param  float  $rate  1/h
     * @param  float  $minutes  of the log
     * @param  float  $step  s between readings
     * @param  float  $rise  minutes until the peak
     * @param  float  $noise  in deviations of a low-cost meter
     * @param  (Closure(float, float): float)|null  $more  what comes to it at a minute where there is so much already, µg/m3
     */
    public function decay(float $rate, float $minutes, float $step = 10.0, float $rise = 8.0, float $noise = 1.0, float $excess = 300.0, float $background = 8.0, ?Closure $more = null): ParticleSeries
    {
        [$times, $values] = [[], []];
        for ($second = 0.0; $second <= 60.0 * $minutes; $second += $step) {
            $minute = $second / 60.0;
            $true = $background + ($minute < $rise ? $excess * $minute / $rise : $excess * exp(-$rate * ($minute - $rise) / 60.0));
            $true += $more === null ? 0.0 : $more($minute, $true);
            $times[] = $second;
            $values[] = max(0.0, $true + $noise * sqrt(1.0 + (0.05 * $true) ** 2) * $this->normal());
        }

        return new ParticleSeries($times, $values);
    }
}
