<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Numeric\BracketedRoot;
use Jornel\Core\Numeric\Ratio;
use Jornel\Core\Part\FanCurve;

/**
 * The pressure between box and room at which the fan moves just what filters and leaks let through.
 *
 * Q_fan(dP) = sum of Q_filter(dP) + sum of Q_leak(dP). The left side falls and the right side rises with dP, so there
 * is one root between zero and the fan's shut-off pressure.
 */
final readonly class Balance
{
    /**
     * @param  float  $pressure  between room and box, Pa
     * @param  float  $fanFlow  m3/s
     * @param  float  $filterFlow  m3/s
     * @param  float  $leakFlow  m3/s
     */
    private function __construct(
        public float $pressure,
        public float $fanFlow,
        public float $filterFlow,
        public float $leakFlow,
    ) {
    }

    /**
     * @param  FanCurve  $fan  in the air it moves
     */
    public static function of(FanCurve $fan, Box $box): self
    {
        $filters = static function (float $pressure) use ($box): float {
            $flow = 0.0;
            foreach ($box->banks as $bank) {
                $flow += $bank->total($pressure);
            }

            return $flow;
        };
        $leak = Leak::flow($box->leakArea, 1.0, $box->air->density);
        $pressure = BracketedRoot::find(
            static fn (float $pressure): float => $fan->flow($pressure) - $filters($pressure) - $leak * sqrt($pressure),
            0.0,
            $fan->shutOff(),
        );

        return new self($pressure, $fan->flow($pressure), $filters($pressure), $leak * sqrt($pressure));
    }

    /** How far the balance is from closing, as a share of the fan's flow; null where the fan moves nothing. */
    public function residual(): ?float
    {
        return Ratio::of(abs($this->fanFlow - $this->filterFlow - $this->leakFlow), $this->fanFlow);
    }

    /** Share of the air that passes no filter; null where the fan moves nothing. */
    public function bypassShare(): ?float
    {
        return Ratio::of($this->leakFlow, $this->fanFlow);
    }
}
