<?php

namespace App\Http\Part;

use App\Http\Shared\AxisData;
use App\Http\Shared\PlotLineData;
use Jornel\Core\Drawing\CurvePlot;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CurvePlot', description: 'Curves of a part')]
final readonly class CurvePlotData
{
    /** @param  list<array{name: string, line: PlotLineData}>  $curves */
    private function __construct(
        #[OA\Property] public string $title,
        #[OA\Property] public AxisData $across,
        #[OA\Property] public AxisData $up,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'line'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'line', ref: PlotLineData::class),
        ]))] public array $curves,
    ) {
    }

    public static function of(CurvePlot $plot): self
    {
        return new self(
            $plot->title, AxisData::of($plot->across), AxisData::of($plot->up),
            array_map(fn (int|string $name, array $points): array => [
                'name' => (string) $name, 'line' => PlotLineData::of($points, $plot->across, $plot->up),
            ], array_keys($plot->curves), $plot->curves),
        );
    }
}
