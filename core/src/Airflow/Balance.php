<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Numeric\Crossing;
use Jornel\Core\Numeric\Ratio;
use Jornel\Core\Part\FanCurve;

/**
 * The pressure between box and room at which the fan moves just what filters and leaks let through.
 *
 * Q_fan(dP) = sum of Q_filter(dP) + sum of Q_leak(dP). The left side falls and the right side rises with dP, so they
 * cross once between zero and the fan's shut-off pressure.
 */
final readonly class Balance
{
    /**
     * @param  float  $pressure  between room and box, Pa
     * @param  float  $fanFlow  m3/s
     * @param  float  $filterFlow  m3/s
     * @param  float  $leakFlow  m3/s
     * @param  float  $shutOffShare  the pressure over the fan's shut-off pressure, below 1
     */
    private function __construct(
        public float $pressure,
        public float $fanFlow,
        public float $filterFlow,
        public float $leakFlow,
        public float $shutOffShare,
    ) {
    }

    /** Share of the shut-off pressure that is guessed where nothing is near. */
    private const USUAL = 0.3;

    /**
     * @param  FanCurve  $fan  in the air it moves
     * @param  self|null  $near  of something alike, such as another speed; it changes the time alone
     */
    public static function of(FanCurve $fan, Box $box, ?self $near = null): self
    {
        [$banks, $leak, $shutOff] = [$box->banks, Leak::flow($box->leakArea, 1.0, $box->air->density), $fan->shutOff()];
        $pressure = $shutOff <= 0.0 ? 0.0 : Crossing::find(static function (float $pressure) use ($fan, $banks, $leak): float {
            $through = $leak * sqrt($pressure);
            foreach ($banks as $bank) {
                $through += $bank->total($pressure);
            }

            return $through > 0.0 ? $fan->flow($pressure) / $through : INF;
        }, $shutOff, ($near->shutOffShare ?? self::USUAL) * $shutOff);
        $filters = 0.0;
        foreach ($banks as $bank) {
            $filters += $bank->total($pressure);
        }

        return new self($pressure, $fan->flow($pressure), $filters, $leak * sqrt($pressure), $shutOff <= 0.0 ? self::USUAL : $pressure / $shutOff);
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
