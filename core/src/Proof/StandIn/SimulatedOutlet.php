<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\StandIn;

/** Air speeds over a fan's outlet as a vane meter tells them: the hub blows nothing, the rim blows hard, corners flow backwards. */
final readonly class SimulatedOutlet
{
    /** Radius of the hub and of the fastest ring, as shares of half the side (assumed). */
    private const HUB = 0.22;

    private const RIM = 0.72;

    /** A vane meter's scatter, as a share (assumed). */
    private const SCATTER = 0.04;

    public function __construct(private MeterNoise $noise)
    {
    }

    /**
     * Readings on a grid whose mean is that of the flow, but for the meter's scatter.
     *
     * @param  list<float>  $across  shares of the width
     * @param  list<float>  $up  shares of the height
     * @param  float  $mean  m/s
     * @return list<list<float>> m/s, a row for each height from below
     */
    public function readings(array $across, array $up, float $mean): array
    {
        $shape = array_map(fn (float $y): array => array_map(fn (float $x): float => self::profile(hypot(2.0 * $x - 1.0, 2.0 * $y - 1.0)), $across), $up);
        $average = array_sum(array_map(array_sum(...), $shape)) / max(1, count($across) * count($up));

        return array_map(fn (array $row): array => array_map(fn (float $one): float => $mean * $one / $average * (1.0 + self::SCATTER * $this->noise->normal()), $row), $shape);
    }

    /**
     * @param  float  $radius  over half the side
     * @return float speed over the mean
     */
    public static function profile(float $radius): float
    {
        return match (true) {
            $radius < self::HUB => 0.15,
            $radius < self::RIM => 0.15 + 1.35 * ($radius - self::HUB) / (self::RIM - self::HUB),
            $radius < 1.0 => 1.5 - 1.2 * ($radius - self::RIM) / (1.0 - self::RIM),
            default => 0.3 - 1.4 * ($radius - 1.0),
        };
    }
}
