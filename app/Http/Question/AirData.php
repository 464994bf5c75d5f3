<?php

namespace App\Http\Question;

use App\Http\Shared\AxisData;
use App\Http\Shared\PlotLineData;
use App\Http\Shared\Shown;
use Jornel\Core\Drawing\AirPlot;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Air', description: 'The air of a room over a time')]
final readonly class AirData
{
    /** @param  list<array{share: Shown, time: Shown, mark: PlotLineData}>  $gone */
    private function __construct(
        #[OA\Property] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(description: 'At the beginning')] public Shown $start,
        #[OA\Property(description: 'With what stands there')] public PlotLineData $with,
        #[OA\Property(description: 'Without it')] public PlotLineData $without,
        #[OA\Property(description: 'Between which it lies, once round')] public PlotLineData $range,
        #[OA\Property(nullable: true, description: 'Concentration that the goal holds the room to, along the time; null for another goal')] public ?PlotLineData $goal,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['share', 'time', 'mark'], properties: [
            new OA\Property(property: 'share', ref: Shown::class), new OA\Property(property: 'time', ref: Shown::class),
            new OA\Property(property: 'mark', ref: PlotLineData::class, description: 'Upright at that time'),
        ]), description: 'By when a share of what was there is gone, with clean air outdoors')] public array $gone,
        #[OA\Property(description: 'At the end, with what stands there')] public Shown $end,
        #[OA\Property(description: 'The same without it')] public Shown $end_without,
    ) {
    }

    public static function of(AirPlot $plot, float $start): self
    {

        return new self(
            AxisData::of($plot->across), AxisData::of($plot->up), Shown::of(Display::Concentration, $start),
            self::line($plot, $plot->with), self::line($plot, $plot->without), self::line($plot, $plot->range),
            $plot->goal === null ? null : self::line($plot, [[0.0, $plot->goal], [$plot->across->most, $plot->goal]]),
            array_map(fn (array $gone): array => [
                'share' => Shown::of(Display::Share, $gone['share']), 'time' => Shown::of(Display::Minutes, $gone['time']),
                'mark' => self::line($plot, [[$gone['time'], 0.0], [$gone['time'], $plot->up->most]]),
            ], $plot->gone),
            Shown::of(Display::Concentration, $plot->with[count($plot->with) - 1][1]), Shown::of(Display::Concentration, $plot->without[count($plot->without) - 1][1]),
        );
    }

    /** @param  list<array{float, float}>  $points  SI */
    private static function line(AirPlot $plot, array $points): PlotLineData
    {
        return PlotLineData::of($points, $plot->across, $plot->up);
    }
}
