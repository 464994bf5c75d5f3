<?php

namespace App\Http\Resources;

use Jornel\Core\Drawing\CurvePlan;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CurvePlan', description: 'Curves on a pair of axes, from 0 to 1 along each')]
final readonly class CurvePlanData
{
    /**
     * @param  list<array{name: string, path: string}>  $curves
     */
    private function __construct(
        #[OA\Property(description: 'To the right')] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'path'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'path', type: 'string', description: 'As an SVG path, the origin at the upper left'),
        ]))] public array $curves,
    ) {
    }

    public static function of(CurvePlan $plan): self
    {
        return new self(
            AxisData::of($plan->across, $plan->mostAcross, $plan->acrossIn), AxisData::of($plan->up, $plan->mostUp, $plan->upIn),
            array_map(fn (string $name, array $points): array => [
                'name' => (string) $name,
                'path' => PlotPath::of($points),
            ], array_keys($plan->curves), $plan->curves),
        );
    }
}
