<?php

namespace App\Http\Question;

use App\Http\Shared\PlotLineData;
use App\Http\Shared\Shown;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WorkingPoint', description: 'Where a fan’s curve meets that of its box')]
final readonly class WorkingPointData
{
    public function __construct(
        #[OA\Property(description: 'Its one point on the plot')] public PlotLineData $at,
        #[OA\Property(description: 'Through the filters of one unit')] public Shown $flow,
        #[OA\Property] public Shown $pressure,
    ) {
    }
}
