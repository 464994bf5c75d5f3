<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\MonotoneInterpolation;

/** A fan measured or rated at several points, with monotone interpolation of pressure over flow between them. */
final readonly class PointCurve implements FanCurve
{
    /**
     * @param  float  $flow  factor on every flow
     * @param  float  $pressure  factor on every pressure
     */
    private function __construct(
        private MonotoneInterpolation $curve,
        private float $freeFlow,
        private float $shutOff,
        private float $flow,
        private float $pressure,
    ) {
    }

    /**
     * From points that fall strictly from shut-off (no flow) to free flow (no pressure), in any order.
     *
     * @param  list<array{float, float}>  $points  flow m3/s, pressure Pa
     *
     * @throws BadRecord when an end is missing or the curve does not fall
     */
    public static function through(array $points, string $path): self
    {
        usort($points, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $last = count($points) - 1;
        if ($last < 1) {
            throw BadRecord::notACurve($path, 'at least two points are needed');
        }
        if ($points[0][0] !== 0.0) {
            throw BadRecord::notACurve($path, 'its shut-off pressure, at no flow, is missing');
        }
        if ($points[$last][1] !== 0.0) {
            throw BadRecord::notACurve($path, 'its free flow, at no pressure, is missing');
        }
        for ($i = 1; $i <= $last; $i++) {
            if ($points[$i][0] <= $points[$i - 1][0] || $points[$i][1] >= $points[$i - 1][1]) {
                throw BadRecord::notACurve($path, 'pressure must fall with every step of flow');
            }
        }

        return new self(MonotoneInterpolation::through($points), $points[$last][0], $points[0][1], 1.0, 1.0);
    }

    public function flow(float $pressure): float
    {
        return $this->flow * $this->curve->whereFalling(max(0.0, $pressure) / $this->pressure);
    }

    public function freeFlow(): float
    {
        return $this->freeFlow * $this->flow;
    }

    public function shutOff(): float
    {
        return $this->shutOff * $this->pressure;
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->curve, $this->freeFlow, $this->shutOff, $this->flow * $flow, $this->pressure * $pressure);
    }
}
