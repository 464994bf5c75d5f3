<?php

namespace App\Http\Shared;

use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Drawing', description: 'A scene seen from one side, true to scale, in mm')]
final readonly class DrawingData
{
    /**
     * @param  array{x: float, y: float, width: float, height: float}  $frame
     * @param  list<StrokeData>  $strokes
     * @param  list<LabelData>  $labels
     * @param  list<ArrowData>  $arrows
     * @param  list<ExtentData>  $extents
     */
    private function __construct(
        #[OA\Property(description: 'The same for drawings with the same strokes; empty where nothing tells')] public string $mark,
        #[OA\Property(type: 'object', required: ['x', 'y', 'width', 'height'], properties: [
            new OA\Property(property: 'x', type: 'number'), new OA\Property(property: 'y', type: 'number'),
            new OA\Property(property: 'width', type: 'number'), new OA\Property(property: 'height', type: 'number'),
        ])] public array $frame,
        #[OA\Property(items: new OA\Items(ref: StrokeData::class), description: 'The farthest first; none, and no frame, where they are there already')] public array $strokes,
        #[OA\Property(items: new OA\Items(ref: LabelData::class))] public array $labels,
        #[OA\Property(items: new OA\Items(ref: ArrowData::class))] public array $arrows,
        #[OA\Property(items: new OA\Items(ref: ExtentData::class))] public array $extents,
    ) {
    }

    /**
     * @param  array<string, array{name: string, lines: non-empty-list<Sentence>}>  $labels  by part
     * @param  array<string, float>  $shares  of the fan's air, by part
     * @param  Display  $lengths  how the dimensions are written
     */
    public static function of(Drawing $drawing, array $labels, array $shares, Display $lengths, string $mark = ''): self
    {
        $told = array_filter($drawing->anchors, fn (array $anchor): bool => isset($labels[$anchor['part']]));

        return new self(
            $mark,
            $drawing->frame,
            array_map(fn (Stroke $stroke): StrokeData => StrokeData::of($stroke), $drawing->strokes),
            array_values(array_map(fn (array $anchor): LabelData => new LabelData(
                $anchor['part'], $labels[$anchor['part']]['name'], $anchor['x'], $anchor['y'],
                array_map(fn (Sentence $line): Shown => Shown::sentence($line), $labels[$anchor['part']]['lines']),
            ), $told)),
            array_map(fn (array $arrow): ArrowData => new ArrowData(
                $arrow['part'], $arrow['kind'], $arrow['x1'], $arrow['y1'], $arrow['x2'], $arrow['y2'], round($shares[$arrow['part']] ?? 1.0, 4), $arrow['is_behind'],
            ), $drawing->arrows),
            array_map(fn (array $extent): ExtentData => new ExtentData(
                $extent['name'], Shown::of($lengths, $extent['length']), $extent['x1'], $extent['y1'], $extent['x2'], $extent['y2'], $extent['dx'], $extent['dy'],
            ), $drawing->extents),
        );
    }
}
