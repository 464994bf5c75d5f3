<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\SolidFace;

/** A scene seen from one side, as outlines in the order in which they are to be drawn. */
final readonly class Drawing
{
    /** Distance from an edge to its dimension line, mm. */
    private const DIMENSION_GAP = 60.0;

    /**
     * @param  list<Stroke>  $strokes  the farthest first
     * @param  list<array{part: string, x: float, y: float}>  $anchors
     * @param  list<array{part: string, kind: string, x1: float, y1: float, x2: float, y2: float, is_behind: bool}>  $arrows  with whether they run on the far side
     * @param  list<array{name: string, length: float, x1: float, y1: float, x2: float, y2: float, dx: float, dy: float}>  $extents  with the offset of the dimension line
     * @param  array{x: float, y: float, width: float, height: float}  $frame  of all strokes, mm
     */
    private function __construct(
        public array $strokes,
        public array $anchors,
        public array $arrows,
        public array $extents,
        public array $frame,
    ) {
    }

    public static function of(Scene $scene, Camera $camera = new Camera): self
    {
        $strokes = [];
        foreach (DepthOrder::farthestFirst($scene->solids, $camera->towardsViewer) as $solid) {
            foreach (self::visible($solid, $camera) as $face) {
                foreach (self::strokes($solid, $face, $camera) as $stroke) {
                    $strokes[] = $stroke;
                }
            }
        }

        return self::with($strokes, $scene, $camera);
    }

    /** The same without its strokes and their frame, for who has these already. */
    public static function around(Scene $scene, Camera $camera): self
    {
        return self::with([], $scene, $camera);
    }

    /** @param  list<Stroke>  $strokes */
    private static function with(array $strokes, Scene $scene, Camera $camera): self
    {
        return new self(
            $strokes,
            array_map(function (Anchor $anchor) use ($camera): array {
                $at = $camera->see($anchor->at);

                return ['part' => $anchor->part, 'x' => $at->x, 'y' => $at->y];
            }, $scene->anchors),
            array_map(function (Arrow $arrow) use ($camera, $scene): array {
                [$from, $to] = [$camera->see($arrow->from), $camera->see($arrow->to)];

                return ['part' => $arrow->part, 'kind' => $arrow->kind, 'x1' => $from->x, 'y1' => $from->y, 'x2' => $to->x, 'y2' => $to->y, 'is_behind' => self::isBehind($arrow, $scene, $camera)];
            }, $scene->arrows),
            array_map(fn (Extent $extent): array => self::dimension($extent, $camera), $scene->extents),
            self::frame($strokes),
        );
    }

    /** Whether an arrow stands on a side of the whole that is turned away from the viewer. */
    private static function isBehind(Arrow $arrow, Scene $scene, Camera $camera): bool
    {
        $along = $arrow->to->minus($arrow->from);
        [$low, $high] = $scene->reach();
        $middle = $low->towards($high, 0.5);
        // Outwards is whichever way leads from the middle.
        $isOutwards = $along->dot($arrow->from->towards($arrow->to, 0.5)->minus($middle)) > 0.0;

        return ($isOutwards ? 1.0 : -1.0) * $along->dot($camera->towardsViewer) < -1e-9;
    }

    /** @return list<SolidFace> */
    private static function visible(Solid $solid, Camera $camera): array
    {
        return array_values(array_filter($solid->faces(), fn (SolidFace $face): bool => $face->normal()->dot($camera->towardsViewer) > 1e-9));
    }

    /** @return list<Stroke> */
    private static function strokes(Solid $solid, SolidFace $face, Camera $camera): array
    {
        $see = $camera->see(...);
        $shade = self::shade($face);
        $strokes = [new Stroke($solid->part, $solid->material, array_map($see, $face->corners), true, $shade)];
        foreach ($face->marks() as $mark) {
            $strokes[] = new Stroke($solid->part, $mark->kind, array_map($see, $mark->points), $mark->closed, $shade);
        }

        return $strokes;
    }

    /** Light falls from above and a little from the left of the front. */
    private static function shade(SolidFace $face): float
    {
        $normal = $face->normal();
        $length = sqrt($normal->dot($normal));
        $light = (0.82 * $normal->z - 0.45 * $normal->y - 0.12 * $normal->x) / $length;

        return round(min(1.0, max(0.0, (0.82 - $light) / 1.6)), 2);
    }

    /** @return array{name: string, length: float, x1: float, y1: float, x2: float, y2: float, dx: float, dy: float} */
    private static function dimension(Extent $extent, Camera $camera): array
    {
        [$from, $to, $away] = [$camera->see($extent->from), $camera->see($extent->to), $camera->see($extent->away)];
        $length = hypot($away->x, $away->y);

        return [
            'name' => $extent->name,
            'length' => $extent->length(),
            'x1' => $from->x, 'y1' => $from->y, 'x2' => $to->x, 'y2' => $to->y,
            'dx' => round($away->x / $length * self::DIMENSION_GAP, 1), 'dy' => round($away->y / $length * self::DIMENSION_GAP, 1),
        ];
    }

    /**
     * @param  list<Stroke>  $strokes
     * @return array{x: float, y: float, width: float, height: float}
     */
    private static function frame(array $strokes): array
    {
        $xs = $ys = [];
        foreach ($strokes as $stroke) {
            foreach ($stroke->points as $point) {
                $xs[] = $point->x;
                $ys[] = $point->y;
            }
        }

        if ($xs === [] || $ys === []) {
            return ['x' => 0.0, 'y' => 0.0, 'width' => 0.0, 'height' => 0.0];
        }

        return ['x' => min($xs), 'y' => min($ys), 'width' => round(max($xs) - min($xs), 1), 'height' => round(max($ys) - min($ys), 1)];
    }
}
