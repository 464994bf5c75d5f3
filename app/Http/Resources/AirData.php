<?php

namespace App\Http\Resources;

use Jornel\Core\Drawing\AirPlan;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Unit;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Air', description: 'The air of a room over a time; paths from 0 to 1, the origin at the upper left')]
final readonly class AirData
{
    private const HOUR = 3600.0;

    /** @param  list<array{share: Shown, at: float, time: Shown}>  $gone */
    private function __construct(
        #[OA\Property] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(description: 'At the beginning')] public Shown $start,
        #[OA\Property(description: 'With what stands there, as an SVG path')] public string $with,
        #[OA\Property(description: 'Without it')] public string $without,
        #[OA\Property(description: 'Between which it lies, closed')] public string $range,
        #[OA\Property(nullable: true, description: 'Place of the concentration that the goal holds the room to, from above; null for another goal')] public ?float $goal,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['share', 'at', 'time'], properties: [
            new OA\Property(property: 'share', ref: Shown::class), new OA\Property(property: 'at', type: 'number'), new OA\Property(property: 'time', ref: Shown::class),
        ]), description: 'By when a share of what was there is gone, with clean air outdoors')] public array $gone,
        #[OA\Property(description: 'At the end, with what stands there')] public Shown $end,
        #[OA\Property(description: 'The same without it')] public Shown $endWithout,
    ) {
    }

    public static function of(AirPlan $plan, float $start): self
    {
        $unit = $plan->mostTime > 2.0 * self::HOUR ? Unit::Hour : Unit::Minute;
        $last = fn (array $points): float => $points[count($points) - 1][1] * $plan->most;

        return new self(
            AxisData::in('Time', $plan->mostTime, $unit, $unit), AxisData::of('In the air', $plan->most, Display::Concentration),
            Shown::of(Display::Concentration, $start),
            PlotPath::of($plan->with), PlotPath::of($plan->without), PlotPath::of($plan->range).'Z',
            $plan->goal === null ? null : round(1.0 - $plan->goal, 4),
            array_map(fn (array $gone): array => ['share' => Shown::of(Display::Share, $gone['share']), 'at' => round($gone['at'], 4), 'time' => Shown::of(Display::Minutes, $gone['time'])], $plan->gone),
            Shown::of(Display::Concentration, $last($plan->with)), Shown::of(Display::Concentration, $last($plan->without)),
        );
    }
}
