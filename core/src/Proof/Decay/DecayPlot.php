<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

use Jornel\Core\Drawing\PlotAxis;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A run of a decay test as it is drawn: readings and fit over time, and what is left over. */
final readonly class DecayPlot
{
    /** Pairs of lowest and highest that a long log is drawn by. */
    private const BUCKETS = 450;

    private const FITTED = 120;

    private const BEYOND = 1.06;

    /**
     * @param  list<array{float, float}>  $readings  s, µg/m3: of every piece of time its lowest and its highest, so that no peak is lost
     * @param  list<array{float, float}>  $fitted  over the stretch
     * @param  list<array{float, float}>  $residuals  over the stretch, in deviations of what is fitted
     */
    private function __construct(public PlotAxis $across, public PlotAxis $up, public PlotAxis $beside, public array $readings, public array $fitted, public array $residuals)
    {
    }

    public static function of(ParticleSeries $series, ?Stretch $stretch, ?Exponential $fit): self
    {
        $used = $fit === null || $stretch === null ? new ParticleSeries([], []) : $series->between($stretch->from, $stretch->to);
        $residuals = self::residuals($used, $fit);

        return new self(
            PlotAxis::in('Time', max(60.0, $series->duration()), UnitOfMeasure::Minute),
            PlotAxis::of('In the air', max(1.0, self::BEYOND * ($series->values === [] ? 1.0 : max($series->values))), Display::Concentration),
            PlotAxis::of('Left over', max([1.0, ...array_map(fn (array $point): float => abs($point[1]), $residuals)]), Display::Concentration),
            self::extremes($series), self::fitted($used, $fit), $residuals,
        );
    }

    /**
     * Lowest and highest of every piece, in the order in which they come.
     *
     * @return list<array{float, float}>
     */
    public static function extremes(ParticleSeries $series): array
    {
        $count = $series->count();
        $size = max(1, (int) ceil($count / self::BUCKETS));
        $points = [];
        for ($from = 0; $from < $count; $from += $size) {
            [$low, $high] = [$from, $from];
            for ($i = $from + 1, $to = min($count, $from + $size); $i < $to; $i++) {
                $low = $series->values[$i] < $series->values[$low] ? $i : $low;
                $high = $series->values[$i] > $series->values[$high] ? $i : $high;
            }
            foreach (array_unique([min($low, $high), max($low, $high)]) as $at) {
                $points[] = [$series->times[$at], $series->values[$at]];
            }
        }

        return $points;
    }

    /** @return list<array{float, float}> */
    private static function fitted(ParticleSeries $used, ?Exponential $fit): array
    {
        if ($fit === null || $used->times === []) {
            return [];
        }
        [$from, $to] = [$used->times[0], $used->times[$used->count() - 1]];

        return array_map(function (int $step) use ($fit, $from, $to): array {
            $at = $from + ($to - $from) * $step / self::FITTED;

            return [$at, $fit->at($at)];
        }, range(0, self::FITTED));
    }

    /** @return list<array{float, float}> s, µg/m3 */
    private static function residuals(ParticleSeries $used, ?Exponential $fit): array
    {
        if ($fit === null) {
            return [];
        }

        return self::extremes(new ParticleSeries($used->times, array_map(fn (float $time, float $value): float => $value - $fit->at($time), $used->times, $used->values)));
    }
}
