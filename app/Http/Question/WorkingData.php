<?php

namespace App\Http\Question;

use App\Http\Shared\AxisData;
use App\Http\Shared\PlotLineData;
use App\Http\Shared\Shown;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Drawing\WorkingPlot;
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
     * @param  object  $why  lines by figure of the ledger
     */
    private function __construct(
        #[OA\Property] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'line', 'clean', 'loaded', 'keeps_quiet', 'reaches_goal'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'line', ref: PlotLineData::class, description: 'The fan’s curve'),
            new OA\Property(property: 'clean', ref: '#/components/schemas/WorkingPoint'), new OA\Property(property: 'loaded', ref: '#/components/schemas/WorkingPoint'),
            new OA\Property(property: 'keeps_quiet', type: 'boolean'), new OA\Property(property: 'reaches_goal', type: 'boolean'),
        ]))] public array $speeds,
        #[OA\Property(description: 'What clean filters and leaks let through')] public PlotLineData $box,
        #[OA\Property(description: 'The same with filters that are due')] public PlotLineData $loaded_box,
        #[OA\Property(description: '90 % range about the chosen point, once round')] public PlotLineData $band,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'object', required: ['figure', 'formula', 'filled', 'from', 'source'], properties: [
            new OA\Property(property: 'figure', type: 'string'), new OA\Property(property: 'formula', type: 'string'), new OA\Property(property: 'filled', ref: Shown::class),
            new OA\Property(property: 'from', type: 'string'), new OA\Property(property: 'source', type: 'string'),
        ])))] public object $why,
    ) {
    }

    /** @param  array<string, list<WhyLine>>  $why */
    public static function of(WorkingPlot $plot, UnitLedger $unit, array $why): self
    {
        ['flow' => $flow, 'pressure' => $pressure] = $plot->band;

        return new self(
            AxisData::of($plot->across), AxisData::of($plot->up),
            array_map(fn (array $speed, SpeedLine $one): array => [
                'name' => (string) $speed['name'], 'line' => self::line($plot, $speed['curve']),
                'clean' => self::point($plot, $speed['clean']), 'loaded' => self::point($plot, $speed['loaded']),
                'keeps_quiet' => $one->keepsQuiet, 'reaches_goal' => $one->reachesGoal(),
            ], $plot->speeds, $unit->speeds),
            self::line($plot, $plot->box), self::line($plot, $plot->loadedBox),
            self::line($plot, [[$flow->low, $pressure->low], [$flow->high, $pressure->low], [$flow->high, $pressure->high], [$flow->low, $pressure->high]]),
            (object) array_map(fn (array $lines): array => array_map(fn (WhyLine $line): array => [
                'figure' => $line->figure, 'formula' => $line->formula, 'filled' => Shown::sentence($line->filled), 'from' => $line->from, 'source' => $line->source,
            ], $lines), $why),
        );
    }

    private static function point(WorkingPlot $plot, Performance $performance): WorkingPointData
    {
        $at = [$performance->balance->fanFlow, $performance->balance->pressure];

        return new WorkingPointData(
            PlotLineData::of([$at], $plot->across, $plot->up),
            Shown::of(Display::Flow, $performance->balance->filterFlow), Shown::of(Display::Pressure, $performance->balance->pressure),
        );
    }

    /** @param  list<array{float, float}>  $points  SI */
    private static function line(WorkingPlot $plot, array $points): PlotLineData
    {
        return PlotLineData::of($points, $plot->across, $plot->up);
    }
}
