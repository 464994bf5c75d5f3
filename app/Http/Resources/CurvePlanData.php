<?php

namespace App\Http\Resources;

use Jornel\Core\Kit\Drawing\CurvePlan;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CurvePlan', description: 'Curves on a pair of axes, from 0 to 1 along each')]
final readonly class CurvePlanData
{
    /**
     * @param  list<array{name: string, path: string}>  $curves
     */
    private function __construct(
        #[OA\Property(description: 'What runs to the right')] public string $across,
        #[OA\Property(description: 'What runs up')] public string $up,
        #[OA\Property(description: 'At the end of the one')] public Shown $mostAcross,
        #[OA\Property(description: 'At the end of the other')] public Shown $mostUp,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'path'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'path', type: 'string', description: 'As an SVG path, the origin at the upper left'),
        ]))] public array $curves,
    ) {
    }

    public static function of(CurvePlan $plan): self
    {
        return new self(
            $plan->across, $plan->up, Shown::of($plan->acrossIn, $plan->mostAcross), Shown::of($plan->upIn, $plan->mostUp),
            array_map(fn (string $name, array $points): array => [
                'name' => (string) $name,
                'path' => 'M'.implode('L', array_map(fn (array $point): string => sprintf('%.4f %.4f', $point[0], 1.0 - $point[1]), $points)),
            ], array_keys($plan->curves), $plan->curves),
        );
    }
}
