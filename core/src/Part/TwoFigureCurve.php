<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

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

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->freeFlow * $flow, $this->shutOff * $pressure, $this->exponent);
    }
}
