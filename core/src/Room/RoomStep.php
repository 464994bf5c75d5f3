<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;

/**
 * One room's air over an interval of a certain length, as factors on what is there at its start, what is outdoors and what
 * is set free. Made once for intervals alike.
 */
final readonly class RoomStep
{
    /**
     * @param  PerBin  $kept  of the concentration at the start, at the end
     * @param  PerBin  $fromOutdoors  of that outdoors, at the end
     * @param  PerBin  $fromSource  of what is set free, at the end, s/m3
     * @param  PerBin  $meanKept  the same of the mean over the interval
     * @param  PerBin  $meanFromSource  s/m3
     */
    private function __construct(
        public PerBin $kept,
        public PerBin $fromOutdoors,
        public PerBin $fromSource,
        public PerBin $meanKept,
        public PerBin $meanFromOutdoors,
        public PerBin $meanFromSource,
    ) {
    }

    /** @param  float  $time s, zero or more */
    public static function of(RoomAir $air, float $time): self
    {
        $grown = $air->losses->map(fn (float $k): float => self::grown($k, $time));
        $meanGrown = $air->losses->map(fn (float $k): float => self::meanGrown($k, $time));

        return new self(
            $air->losses->map(fn (float $k): float => exp(-$k * $time)),
            $grown->times($air->inflow),
            $grown->scaled(1.0 / $air->volume),
            $time > 0.0 ? $grown->scaled(1.0 / $time) : PerBin::same(1.0),
            $meanGrown->times($air->inflow),
            $meanGrown->scaled(1.0 / $air->volume),
        );
    }

    /** Integral of exp(-k t): (1 - exp(-k t)) / k, s; exact where nothing is lost. */
    private static function grown(float $k, float $time): float
    {
        return $k * $time > 1e-12 ? -expm1(-$k * $time) / $k : $time;
    }

    /** Mean of that integral over the interval, s; by its series where little is lost. */
    private static function meanGrown(float $k, float $time): float
    {
        return $k * $time > 1e-6 ? ($time - self::grown($k, $time)) / ($k * $time) : $time * (0.5 - $k * $time / 6.0);
    }
}
