<?php

namespace App\Http\Shared;

use Jornel\Core\Drawing\PlotAxis;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlotLine', description: 'Points of a plot, across and up, in the units of its axes')]
final readonly class PlotLineData
{
    private const DIGITS = 5;

    /**
     * @param  list<array{float, float}>  $imperial
     * @param  list<array{float, float}>  $metric
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $imperial,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $metric,
    ) {
    }

    /** @param  list<array{float, float}>  $points  SI */
    public static function of(array $points, PlotAxis $across, PlotAxis $up): self
    {
        $in = fn (System $system): array => array_map(fn (array $point): array => [
            self::digits($across->unit($system)->fromSi($point[0])), self::digits($up->unit($system)->fromSi($point[1])),
        ], $points);

        return new self($in(System::Imperial), $in(System::Metric));
    }

    private static function digits(float $value): float
    {
        return (float) sprintf('%.'.self::DIGITS.'g', $value);
    }
}
