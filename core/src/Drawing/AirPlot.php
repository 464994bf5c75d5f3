<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Closure;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Room\AirInTime;

/** The air of a room over a time: concentration, ug/m3, over time, s. */
final readonly class AirPlot
{
    private const STEPS = 96;

    /** How far the axis reaches beyond the highest. */
    private const BEYOND = 1.06;

    /** A plot over more than this counts hours, s. */
    private const HOURS = 7200.0;

    /**
     * @param  list<array{float, float}>  $with  with what stands there: s, ug/m3
     * @param  list<array{float, float}>  $without
     * @param  list<array{float, float}>  $range  once round it: the most forwards, the least backwards
     * @param  float|null  $goal  concentration that the goal holds the room to, ug/m3; null for none
     * @param  list<array{share: float, time: float}>  $gone  by when a share is gone, s, where that is within the time
     */
    private function __construct(public PlotAxis $across, public PlotAxis $up, public array $with, public array $without, public array $range, public ?float $goal, public array $gone)
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
        $gone = [];
        foreach ([0.90, 0.99] as $share) {
            $at = $air->gone($share);
            if ($at <= $time) {
                $gone[] = ['share' => $share, 'time' => $at];
            }
        }

        return new self(
            PlotAxis::in('Time', $time, $time > self::HOURS ? UnitOfMeasure::Hour : UnitOfMeasure::Minute), PlotAxis::of('In the air', $most, Display::Concentration),
            self::points($air->with(...), $times), self::points($air->without(...), $times),
            [...self::points(fn (float $at): float => $air->range($at)[1], $times), ...array_reverse(self::points(fn (float $at): float => $air->range($at)[0], $times))],
            $goal, $gone,
        );
    }

    /**
     * @param  Closure(float): float  $of  ug/m3 at a time
     * @param  list<float>  $times  s
     * @return list<array{float, float}> s, ug/m3
     */
    private static function points(Closure $of, array $times): array
    {
        return array_map(fn (float $at): array => [$at, $of($at)], $times);
    }
}
