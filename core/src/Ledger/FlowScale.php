<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A scale from nothing to a little more than the rule that asks most, on which rules and build stand side by side. */
final readonly class FlowScale
{
    /** How much longer the scale is than its longest bar. */
    private const SPARE = 1.04;

    /** @param  float  $end  m3/s */
    private function __construct(private float $end)
    {
    }

    /** @param  list<TargetAsk>  $asks */
    public static function over(array $asks): self
    {
        return new self(self::SPARE * max([0.0, ...array_map(fn (TargetAsk $ask): float => $ask->asks ?? 0.0, $asks)]));
    }

    /**
     * @param  float|null  $flow  m3/s; null for nothing
     * @return float place along it, 0 to 1; what is more stands at its end
     */
    public function place(?float $flow): float
    {
        return $flow === null || $this->end <= 0.0 ? 0.0 : min(1.0, $flow / $this->end);
    }

    /** @return list<array{place: float, text: string}> round flows along it */
    public function marks(System $system): array
    {
        return array_map(
            fn (float $flow): array => ['place' => $this->place($flow), 'text' => Display::Flow->text($flow, $system)],
            Scale::marks($this->end, $system === System::Imperial ? UnitOfMeasure::CubicFootPerMinute : UnitOfMeasure::CubicMetrePerHour),
        );
    }
}
