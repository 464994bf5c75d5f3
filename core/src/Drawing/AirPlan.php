<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Closure;
use Jornel\Core\Room\AirInTime;

/** The air of a room over a time on a pair of axes, time to the right and concentration up; points as shares of both. */
final readonly class AirPlan
{
    private const STEPS = 96;

    /** How far the axis reaches beyond the highest. */
    private const BEYOND = 1.06;

    /**
     * @param  float  $mostTime  at the end of the one axis, s
     * @param  float  $most  at the end of the other, ug/m3
     * @param  list<array{float, float}>  $with  with what stands there
     * @param  list<array{float, float}>  $without
     * @param  list<array{float, float}>  $range  once round it: the most forwards, the least backwards
     * @param  float|null  $goal  concentration of the goal as a share of the axis; null for none, or one beyond it
     * @param  list<array{share: float, at: float, time: float}>  $gone  by when a share is gone, where that is within the time
     */
    private function __construct(public float $mostTime, public float $most, public array $with, public array $without, public array $range, public ?float $goal, public array $gone)
    {
    }

    /**
     * @param  float  $time  s, above 0
     * @param  float|null  $goal  concentration that the goal holds the room to, ug/m3
     */
    public static function of(AirInTime $air, float $time, ?float $goal): self
    {
        $times = array_map(fn (int $step): float => $time * $step / self::STEPS, range(0, self::STEPS));
        $most = self::BEYOND * max($air->start, $goal ?? 0.0, ...array_map(fn (float $at): float => max($air->without($at), $air->range($at)[1]), $times));
        $points = fn (Closure $of): array => self::points($of, $times, $most);
        $gone = [];
        foreach ([0.90, 0.99] as $share) {
            $at = $air->gone($share);
            if ($at <= $time) {
                $gone[] = ['share' => $share, 'at' => $at / $time, 'time' => $at];
            }
        }

        return new self(
            $time, $most, $points($air->with(...)), $points($air->without(...)),
            [...$points(fn (float $at): float => $air->range($at)[1]), ...array_reverse($points(fn (float $at): float => $air->range($at)[0]))],
            $goal === null ? null : $goal / $most, $gone,
        );
    }

    /**
     * @param  Closure(float): float  $of  ug/m3 at a time
     * @param  non-empty-list<float>  $times  s, the last at the end of the axis
     * @return list<array{float, float}>
     */
    private static function points(Closure $of, array $times, float $most): array
    {
        $end = $times[count($times) - 1];

        return array_map(fn (float $at): array => [$at / $end, $of($at) / $most], $times);
    }
}
