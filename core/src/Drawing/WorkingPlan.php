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

/**
 * A unit's fans against its filters on a pair of axes, flow to the right and pressure up: a curve for every speed, one for
 * what filters and leaks let through, clean and with dust, and the points where they meet. All of one unit.
 */
final readonly class WorkingPlan
{
    private const STEPS = 48;

    /** Dust over its capacity in the loaded filters: they are then due. */
    public const LOAD = 1.0;

    /** How far the axes reach beyond the outermost of what is to be seen. */
    private const BEYOND = 1.06;

    /**
     * @param  float  $mostFlow  at the end of the one axis, m3/s
     * @param  float  $mostPressure  at the end of the other, Pa
     * @param  list<array{name: string, curve: list<array{float, float}>, clean: Performance, loaded: Performance}>  $speeds  slowest first; points as shares of both axes
     * @param  list<array{float, float}>  $box  what filters and leaks let through when clean
     * @param  list<array{float, float}>  $loadedBox  the same with dust
     * @param  array{flow: Band, pressure: Band}  $band  about the chosen point
     */
    private function __construct(
        public float $mostFlow,
        public float $mostPressure,
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
        $place = fn (float $flow, float $pressure): array => [$flow / $mostFlow, $pressure / $mostPressure];
        $speeds = [];
        foreach ($unit->speeds as $number => $speed) {
            $top = min($curves[$number]->shutOff(), $mostPressure);
            $speeds[] = [
                'name' => $speed->name,
                'curve' => array_map(fn (int $step): array => $place($curves[$number]->flow($top * $step / self::STEPS), $top * $step / self::STEPS), range(0, self::STEPS)),
                'clean' => $clean[$number],
                'loaded' => $dusty[$number],
            ];
        }
        [$flow, $pressure] = Propagation::through($unit, $chosen, $tolerances)->workingPoint();

        return new self($mostFlow, $mostPressure, $speeds, self::boxCurve($unit, $mostFlow, $mostPressure), self::boxCurve($loaded, $mostFlow, $mostPressure), ['flow' => $flow, 'pressure' => $pressure]);
    }

    /** @return array{float, float} of a working point, as shares of both axes */
    public function place(Performance $performance): array
    {
        return [$performance->balance->fanFlow / $this->mostFlow, $performance->balance->pressure / $this->mostPressure];
    }

    /** @return list<array{float, float}> */
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
            $points[] = [$flow / $mostFlow, $pressure / $mostPressure];
            if ($flow > $mostFlow) {
                break;
            }
        }

        return $points;
    }
}
