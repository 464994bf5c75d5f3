<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Level;

use Jornel\Core\Part\Fan;

/**
 * Fans side by side as their makers do not show them: how loud each is where it moves the same air, and how much air each moves
 * where it is as loud. By the fan laws from the nearest of its own speeds: flow with the turns, level with 50 log10 of them.
 */
final readonly class FanRanking
{
    /**
     * @param  float  $level  at the flow that is compared at, dBA at 1 m
     * @param  float  $flow  at the level that is compared at, m3/s
     * @param  bool  $reaches  whether its own speeds reach that flow; beyond them it is a forecast
     */
    private function __construct(public Fan $fan, public float $level, public float $flow, public bool $reaches)
    {
    }

    /**
     * Quietest at the flow first.
     *
     * @param  iterable<Fan>  $fans
     * @param  float  $flow  free flow, m3/s, above 0
     * @param  float  $level  dBA at 1 m
     * @return list<self>
     */
    public static function of(iterable $fans, float $flow, float $level): array
    {
        $ranked = [];
        foreach ($fans as $fan) {
            [$nearest, $quietest] = [$fan->speeds[0], $fan->speeds[0]];
            $most = 0.0;
            foreach ($fan->speeds as $speed) {
                $most = max($most, $speed->bareFlow);
                $nearest = abs(log(max(1e-9, $speed->bareFlow) / $flow)) < abs(log(max(1e-9, $nearest->bareFlow) / $flow)) ? $speed : $nearest;
                $quietest = abs($speed->level - $level) < abs($quietest->level - $level) ? $speed : $quietest;
            }
            $ranked[] = new self($fan, $nearest->level + 50.0 * log10($flow / max(1e-9, $nearest->bareFlow)), $quietest->bareFlow * 10.0 ** (($level - $quietest->level) / 50.0), $most >= $flow * (1.0 - 1e-9));
        }
        usort($ranked, fn (self $one, self $other): int => $one->level <=> $other->level);

        return $ranked;
    }
}
