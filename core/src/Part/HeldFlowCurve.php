<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\Formula;

/**
 * A setting of a fan that holds its flow: it speeds up against pressure, so that the flow stays that of the setting in free
 * air, until its top speed moves less.
 */
final readonly class HeldFlowCurve implements FanCurve
{
    /**
     * @param  FanCurve  $set  at the speed of the setting
     * @param  FanCurve  $top  at the top speed
     */
    public function __construct(private FanCurve $set, private FanCurve $top)
    {
    }

    public function flow(float $pressure): float
    {
        return min($this->set->freeFlow(), $this->top->flow($pressure));
    }

    public function pressure(float $flow): float
    {
        return $flow >= $this->set->freeFlow() ? 0.0 : $this->top->pressure($flow);
    }

    public function freeFlow(): float
    {
        return $this->set->freeFlow();
    }

    public function shutOff(): float
    {
        return $this->top->shutOff();
    }

    public function formula(float $pressure): Formula
    {
        $top = $this->top->formula($pressure);

        return new Formula('Q = min(Q of the setting, Q of the top speed at dP)', 'min('.Formula::figure($this->set->freeFlow()).", {$top->filled})");
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self($this->set->scaled($flow, $pressure), $this->top->scaled($flow, $pressure));
    }
}
