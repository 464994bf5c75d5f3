<?php

namespace App\Http\Resources;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Drawing\WorkingPlan;
use Jornel\Core\Ledger\SpeedLine;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Ledger\WhyLine;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Working', description: 'Where the fans of one unit meet its filters at every speed, and why each figure is what it is')]
final readonly class WorkingData
{
    /**
     * @param  list<array<string, mixed>>  $speeds
     * @param  array{x1: float, x2: float, y1: float, y2: float}  $band
     * @param  object  $why  lines by figure of the ledger
     */
    private function __construct(
        #[OA\Property] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'path', 'clean', 'loaded', 'keepsQuiet', 'reachesGoal'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'path', type: 'string', description: 'The fan’s curve as an SVG path from 0 to 1, the origin at the upper left'),
            new OA\Property(property: 'clean', ref: '#/components/schemas/WorkingPoint'), new OA\Property(property: 'loaded', ref: '#/components/schemas/WorkingPoint'),
            new OA\Property(property: 'keepsQuiet', type: 'boolean'), new OA\Property(property: 'reachesGoal', type: 'boolean'),
        ]))] public array $speeds,
        #[OA\Property(description: 'What clean filters and leaks let through, as an SVG path')] public string $box,
        #[OA\Property(description: 'The same with filters that are due')] public string $loadedBox,
        #[OA\Property(type: 'object', description: '90 % range about the chosen point', required: ['x1', 'x2', 'y1', 'y2'], properties: [
            new OA\Property(property: 'x1', type: 'number'), new OA\Property(property: 'x2', type: 'number'), new OA\Property(property: 'y1', type: 'number'), new OA\Property(property: 'y2', type: 'number'),
        ])] public array $band,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'object', required: ['figure', 'formula', 'filled', 'from', 'source'], properties: [
            new OA\Property(property: 'figure', type: 'string'), new OA\Property(property: 'formula', type: 'string'), new OA\Property(property: 'filled', ref: Shown::class),
            new OA\Property(property: 'from', type: 'string'), new OA\Property(property: 'source', type: 'string'),
        ])))] public object $why,
    ) {
    }

    /** @param  array<string, list<WhyLine>>  $why */
    public static function of(WorkingPlan $plan, UnitLedger $unit, array $why): self
    {
        return new self(
            AxisData::of('Flow of one unit', $plan->mostFlow, Display::Flow), AxisData::of('Pressure', $plan->mostPressure, Display::Pressure),
            array_map(fn (array $speed, SpeedLine $line): array => [
                'name' => (string) $speed['name'], 'path' => PlotPath::of($speed['curve']),
                'clean' => self::point($plan, $speed['clean']), 'loaded' => self::point($plan, $speed['loaded']),
                'keepsQuiet' => $line->keepsQuiet, 'reachesGoal' => $line->reachesGoal(),
            ], $plan->speeds, $unit->speeds),
            PlotPath::of($plan->box), PlotPath::of($plan->loadedBox),
            [
                'x1' => round($plan->band['flow']->low / $plan->mostFlow, 4), 'x2' => round($plan->band['flow']->high / $plan->mostFlow, 4),
                'y1' => round(1.0 - $plan->band['pressure']->high / $plan->mostPressure, 4), 'y2' => round(1.0 - $plan->band['pressure']->low / $plan->mostPressure, 4),
            ],
            (object) array_map(fn (array $lines): array => array_map(fn (WhyLine $line): array => [
                'figure' => $line->figure, 'formula' => $line->formula, 'filled' => Shown::sentence($line->filled), 'from' => $line->from, 'source' => $line->source,
            ], $lines), $why),
        );
    }

    private static function point(WorkingPlan $plan, Performance $performance): WorkingPointData
    {
        [$x, $y] = $plan->place($performance);

        return new WorkingPointData(
            round($x, 4), round(1.0 - $y, 4),
            Shown::of(Display::Flow, $performance->balance->filterFlow), Shown::of(Display::Pressure, $performance->balance->pressure),
        );
    }
}
