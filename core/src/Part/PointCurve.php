<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\Formula;
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

    public static function through(FallingBranch $branch): self
    {
        $points = $branch->points;

        return new self(MonotoneInterpolation::through($points), $points[count($points) - 1][0], $points[0][1], 1.0, 1.0);
    }

    public function flow(float $pressure): float
    {
        return $this->flow * $this->curve->whereFalling(max(0.0, $pressure) / $this->pressure);
    }

    public function pressure(float $flow): float
    {
        $flow /= $this->flow;

        return $flow >= $this->freeFlow ? 0.0 : $this->pressure * $this->curve->at(max(0.0, $flow));
    }

    public function freeFlow(): float
    {
        return $this->freeFlow * $this->flow;
    }

    public function shutOff(): float
    {
        return $this->shutOff * $this->pressure;
    }

    public function formula(float $pressure): Formula
    {
        return Formula::of('Q read off the measured curve at dP', '%s', $this->flow($pressure));
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->curve, $this->freeFlow, $this->shutOff, $this->flow * $flow, $this->pressure * $pressure);
    }
}
