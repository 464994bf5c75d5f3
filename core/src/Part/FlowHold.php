<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Numeric\BracketedRoot;

/**
 * How hard a fan that holds its flow works at a setting: the faster it must turn against pressure, the more watts it draws
 * and the louder it is, between the figures of the setting and those of the top speed.
 */
final readonly class FlowHold
{
    /**
     * @param  FanCurve  $set  at the speed of the setting, in the air of the catalogue
     * @param  float  $ratio  top speed over the speed of the setting, 1 or more
     * @param  float  $watts  at the top speed, W
     * @param  float  $level  at the top speed, dBA at 1 m
     */
    public function __construct(private FanCurve $set, private float $ratio, private float $watts, private float $level)
    {
    }

    /**
     * Speed over the speed of the setting at which its flow holds against a pressure: x with Q(P / x2) x = Q0, at most the
     * top speed's.
     *
     * @param  float  $pressure  that the fan works against, Pa
     * @return float from 1 to the ratio of the top speed
     */
    public function speedUp(float $pressure): float
    {
        if ($pressure <= 0.0 || $this->ratio <= 1.0) {
            return 1.0;
        }
        $lacks = fn (float $x): float => $x * $this->set->flow($pressure / $x ** 2) - $this->set->freeFlow();

        return $lacks($this->ratio) <= 0.0 ? $this->ratio : BracketedRoot::find($lacks, 1.0, $this->ratio);
    }

    /**
     * Between two figures of which the first belongs to the setting and the second to the top speed: as a power of the speed
     * for watts (the third by the fan laws), evenly with its logarithm for levels.
     *
     * @param  float  $speedUp  speed over the speed of the setting
     */
    public function watts(float $atSetting, float $speedUp): float
    {
        return $atSetting * ($this->watts / $atSetting) ** $this->share($speedUp);
    }

    /** @return float dBA */
    public function level(float $atSetting, float $speedUp): float
    {
        return $atSetting + ($this->level - $atSetting) * $this->share($speedUp);
    }

    /** So many such fans side by side. */
    public function times(int $count): self
    {
        return new self($this->set, $this->ratio, $this->watts * $count, $this->level + 10.0 * log10($count));
    }

    private function share(float $speedUp): float
    {
        return $this->ratio <= 1.0 ? 0.0 : log($speedUp) / log($this->ratio);
    }
}
