<?php

namespace App\Http\Shared;

use Jornel\Core\Drawing\PlotAxis;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AxisScale', description: 'Where an axis ends, and how far its round marks are apart, in its unit')]
final readonly class AxisScaleData
{
    private function __construct(
        #[OA\Property] public float $most,
        #[OA\Property] public float $step,
    ) {
    }

    public static function of(PlotAxis $axis, System $system): self
    {
        return new self($axis->unit($system)->fromSi($axis->most), $axis->step($system));
    }
}
