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

    /** By how much a guess may be off on either side before the whole range is searched. */
    private const NEAR = 1.5;

    /**
     * @param  FanCurve  $fan  in the air it moves
     * @param  float|null  $near  a guess of the pressure, Pa; it changes the time alone
     */
    public static function of(FanCurve $fan, Box $box, ?float $near = null): self
    {
        $filters = static function (float $pressure) use ($box): float {
            $flow = 0.0;
            foreach ($box->banks as $bank) {
                $flow += $bank->total($pressure);
            }

            return $flow;
        };
        $leak = Leak::flow($box->leakArea, 1.0, $box->air->density);
        $excess = static fn (float $pressure): float => $fan->flow($pressure) - $filters($pressure) - $leak * sqrt($pressure);
        [$low, $high] = [0.0, $fan->shutOff()];
        if ($near !== null && $near * self::NEAR < $high && $excess($near / self::NEAR) > 0.0 && $excess($near * self::NEAR) < 0.0) {
            [$low, $high] = [$near / self::NEAR, $near * self::NEAR];
        }
        $pressure = BracketedRoot::find($excess, $low, $high);

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
