<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\Formula;

/**
 * A fan of which only free flow and shut-off pressure are known: P = P0 (1 - (Q / Q0)^m).
 *
 * m = 1.2 for propellers, 2 for centrifugal and mixed-flow fans (assumed).
 */
final readonly class TwoFigureCurve implements FanCurve
{
    /**
     * @param  float  $freeFlow  Q0, m3/s, above 0
     * @param  float  $shutOff  P0, Pa, above 0
     * @param  float  $exponent  m, above 0
     */
    public function __construct(private float $freeFlow, private float $shutOff, private float $exponent)
    {
    }

    public function flow(float $pressure): float
    {
        if ($pressure >= $this->shutOff) {
            return 0.0;
        }

        return $this->freeFlow * (1.0 - max(0.0, $pressure) / $this->shutOff) ** (1.0 / $this->exponent);
    }

    public function pressure(float $flow): float
    {
        return $flow >= $this->freeFlow ? 0.0 : $this->shutOff * (1.0 - (max(0.0, $flow) / $this->freeFlow) ** $this->exponent);
    }

    public function freeFlow(): float
    {
        return $this->freeFlow;
    }

    public function shutOff(): float
    {
        return $this->shutOff;
    }

    public function formula(float $pressure): Formula
    {
        return $pressure >= $this->shutOff
            ? Formula::of('Q = 0 from the shut-off pressure on', '%s', 0.0)
            : Formula::of('Q = Q0 (1 - dP / P0)^(1 / m)', '%s × (1 - %s / %s)^(1 / %s)', $this->freeFlow, max(0.0, $pressure), $this->shutOff, $this->exponent);
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->freeFlow * $flow, $this->shutOff * $pressure, $this->exponent);
    }
}
