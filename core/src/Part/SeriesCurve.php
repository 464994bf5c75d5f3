<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\Formula;

/**
 * Fans one behind the other: pressures add at equal flow. A fan that is carried beyond its free flow adds nothing; what
 * it then takes away is left out.
 */
final readonly class SeriesCurve implements FanCurve
{
    /** @param  non-empty-list<FanCurve>  $fans */
    public function __construct(private array $fans)
    {
    }

    public function flow(float $pressure): float
    {
        if ($pressure <= 0.0) {
            return $this->freeFlow();
        }

        return $pressure >= $this->shutOff()
            ? 0.0
            : BracketedRoot::find(fn (float $flow): float => $this->pressure($flow) - $pressure, 0.0, $this->freeFlow());
    }

    public function pressure(float $flow): float
    {
        return array_sum(array_map(fn (FanCurve $fan): float => $fan->pressure($flow), $this->fans));
    }

    public function freeFlow(): float
    {
        return max(array_map(fn (FanCurve $fan): float => $fan->freeFlow(), $this->fans));
    }

    public function shutOff(): float
    {
        return array_sum(array_map(fn (FanCurve $fan): float => $fan->shutOff(), $this->fans));
    }

    public function formula(float $pressure): Formula
    {
        return Formula::of('Q at which the pressures of the fans add up to dP', '%s', $this->flow($pressure));
    }

    public function scaled(float $flow, float $pressure): self
    {
        return new self(array_map(fn (FanCurve $fan): FanCurve => $fan->scaled($flow, $pressure), $this->fans));
    }
}
