<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\Formula;

/**
 * A fan with something in its way besides the box: a guard that takes a fixed pressure, a duct or a canister that takes
 * more the more flows. What is left of its pressure works on the box.
 */
final readonly class HinderedCurve implements FanCurve
{
    /**
     * @param  float  $loss  Pa that a guard takes, whatever flows; zero or more
     * @param  PressureLaw|null  $duct  of the flow through it, m3/s; null for none
     */
    public function __construct(private FanCurve $fan, private float $loss, private ?PressureLaw $duct = null)
    {
    }

    public function flow(float $pressure): float
    {
        $pressure = max(0.0, $pressure) + $this->loss;
        if ($this->duct === null) {
            return $this->fan->flow($pressure);
        }
        if ($pressure >= $this->fan->shutOff()) {
            return 0.0;
        }
        $duct = $this->duct;

        return BracketedRoot::find(
            fn (float $flow): float => $this->fan->flow($pressure + $duct->drop($flow)) - $flow,
            0.0,
            $this->fan->flow($pressure),
        );
    }

    public function pressure(float $flow): float
    {
        return max(0.0, $this->fan->pressure($flow) - $this->loss - ($this->duct?->drop($flow) ?? 0.0));
    }

    public function freeFlow(): float
    {
        return $this->flow(0.0);
    }

    public function shutOff(): float
    {
        return max(0.0, $this->fan->shutOff() - $this->loss);
    }

    public function formula(float $pressure): Formula
    {
        $against = max(0.0, $pressure) + $this->loss + ($this->duct?->drop($this->flow($pressure)) ?? 0.0);
        $fan = $this->fan->formula($against);

        return new Formula("{$fan->letters}, dP with what guard and duct take", $fan->filled);
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->fan->scaled($flow, $pressure), $this->loss * $pressure, $this->duct);
    }
}
