<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\FaceBank;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Quantity\Display;

/**
 * A unit's fans against its filters, pressure, Pa, over flow, m3/s: a curve for every speed, one for what filters and leaks
 * let through, clean and with dust, and the points where they meet. All of one unit.
 */
final readonly class WorkingPlot
{
    private const STEPS = 48;

    /** Dust over its capacity in the loaded filters: they are then due. */
    public const LOAD = 1.0;

    /** How far the axes reach beyond the outermost of what is to be seen. */
    private const BEYOND = 1.06;

    /**
     * @param  list<array{name: string, curve: list<array{float, float}>, clean: Performance, loaded: Performance}>  $speeds  slowest first; points in m3/s, Pa
     * @param  list<array{float, float}>  $box  what filters and leaks let through when clean
     * @param  list<array{float, float}>  $loadedBox  the same with dust
     * @param  array{flow: Band, pressure: Band}  $band  about the chosen point
     */
    private function __construct(
        public PlotAxis $across,
        public PlotAxis $up,
        public array $speeds,
        public array $box,
        public array $loadedBox,
        public array $band,
    ) {
    }

    /** @param  int  $chosen  which of the speeds the band is about */
    public static function of(Unit $unit, int $chosen, Tolerances $tolerances): self
    {
        $loaded = $unit->loaded(array_map(fn (FaceBank $bank): array => array_fill(0, count($bank->layers), self::LOAD), $unit->box->banks));
        $clean = $unit->performances();
        $dusty = $loaded->performances();
        $curves = array_map($unit->curve(...), $unit->speeds);
        $mostFlow = self::BEYOND * max(array_map(fn ($curve): float => $curve->freeFlow(), $curves));
        // The working points stand low on most fans' curves: half as much again above the highest of them is enough.
        $highest = 1.9 * max(array_map(fn (Performance $one): float => $one->balance->pressure, $dusty));
        $mostPressure = min(self::BEYOND * max(array_map(fn ($curve): float => $curve->shutOff(), $curves)), $highest);
        $speeds = [];
        foreach ($unit->speeds as $number => $speed) {
            $top = min($curves[$number]->shutOff(), $mostPressure);
            $speeds[] = [
                'name' => $speed->name,
                'curve' => array_map(fn (int $step): array => [$curves[$number]->flow($top * $step / self::STEPS), $top * $step / self::STEPS], range(0, self::STEPS)),
                'clean' => $clean[$number],
                'loaded' => $dusty[$number],
            ];
        }
        [$flow, $pressure] = Propagation::through($unit, $chosen, $tolerances)->workingPoint();

        return new self(PlotAxis::of('Flow of one unit', $mostFlow, Display::Flow), PlotAxis::of('Pressure', $mostPressure, Display::Pressure), $speeds, self::boxCurve($unit, $mostFlow, $mostPressure), self::boxCurve($loaded, $mostFlow, $mostPressure), ['flow' => $flow, 'pressure' => $pressure]);
    }

    /** @return list<array{float, float}> m3/s, Pa */
    private static function boxCurve(Unit $unit, float $mostFlow, float $mostPressure): array
    {
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            // Closer together near no pressure, where the curve bends most.
            $pressure = $mostPressure * ($step / self::STEPS) ** 2;
            $flow = Leak::flow($unit->box->leakArea, $pressure, $unit->box->air->density);
            foreach ($unit->box->banks as $bank) {
                $flow += $bank->total($pressure);
            }
            $points[] = [$flow, $pressure];
            if ($flow > $mostFlow) {
                break;
            }
        }

        return $points;
    }
}
