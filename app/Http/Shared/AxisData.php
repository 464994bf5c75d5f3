<?php

namespace App\Http\Shared;

use Jornel\Core\Drawing\PlotAxis;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Axis', description: 'An axis of a plot, from zero, in either measure')]
final readonly class AxisData
{
    private function __construct(
        #[OA\Property(description: 'What runs along it', example: 'Flow')] public string $name,
        #[OA\Property(description: 'What its numbers count')] public Shown $unit,
        #[OA\Property] public AxisScaleData $imperial,
        #[OA\Property] public AxisScaleData $metric,
    ) {
    }

    public static function of(PlotAxis $axis): self
    {
        return new self(
            $axis->name, Shown::units($axis->unit(System::Imperial), $axis->unit(System::Metric)),
            AxisScaleData::of($axis, System::Imperial), AxisScaleData::of($axis, System::Metric),
        );
    }
}
