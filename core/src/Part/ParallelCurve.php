<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\Formula;

/**
 * Several fans on one box: flows add at equal pressure. A fan whose shut-off pressure is below the box's contributes
 * nothing.
 */
final readonly class ParallelCurve implements FanCurve
{
    /** @param  non-empty-list<FanCurve>  $fans */
    public function __construct(private array $fans)
    {
    }

    public function flow(float $pressure): float
    {
        $flow = 0.0;
        foreach ($this->fans as $fan) {
            $flow += $fan->flow($pressure);
        }

        return $flow;
    }

    public function pressure(float $flow): float
    {
        return $flow >= $this->freeFlow()
            ? 0.0
            : BracketedRoot::find(fn (float $pressure): float => $this->flow($pressure) - max(0.0, $flow), 0.0, $this->shutOff());
    }

    public function freeFlow(): float
    {
        return $this->flow(0.0);
    }

    public function shutOff(): float
    {
        return max(array_map(fn (FanCurve $fan): float => $fan->shutOff(), $this->fans));
    }

    public function formula(float $pressure): Formula
    {
        return new Formula('Q = sum over the fans of Q(dP)', implode(' + ', array_map(fn (FanCurve $fan): string => $fan->formula($pressure)->filled, $this->fans)));
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self(array_map(fn (FanCurve $fan): FanCurve => $fan->scaled($flow, $pressure), $this->fans));
    }

    /** Fans that are shut off at a pressure in the box. */
    public function idle(float $pressure): int
    {
        return count(array_filter($this->fans, fn (FanCurve $fan): bool => $fan->shutOff() <= $pressure));
    }
}
