<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Design;

/** How somebody looks at a unit: from which side, and whether it is put together or drawn apart. */
final readonly class View
{
    /** How far parts are drawn from the middle, as a share of their distance. */
    private const APART = 0.75;

    /** @param  int  $turn  degrees that the viewer walks round to the right */
    public function __construct(public int $turn = 0, public bool $isApart = false)
    {
    }

    public function draw(Scene $scene): Drawing
    {
        return Drawing::of(...$this->staged($scene));
    }

    /** The same without its strokes, for who has those of a design with the same {@see mark}. */
    public function drawAround(Scene $scene): Drawing
    {
        return Drawing::around(...$this->staged($scene));
    }

    /** The same for all designs whose strokes are the same from here: joining, speed and number are not seen in them. */
    public function mark(Design $design): string
    {
        return substr(sha1(json_encode([
            $this->turn, $this->isApart, $design->shape->id(), $design->options, $design->corners, $design->direction(),
            $design->fan->data, $design->filter->data, $design->prefilter?->data,
        ], JSON_THROW_ON_ERROR)), 0, 16);
    }

    /** @return array{Scene, Camera} */
    private function staged(Scene $scene): array
    {
        $camera = Camera::turned((float) $this->turn);
        if ($this->isApart) {
            return [$scene->apart(self::APART), $camera];
        }
        $scene = $scene->withStreams();

        return [$this->turn === 0 ? $scene : $scene->withExtents(self::extents($scene, $camera)), $camera];
    }

    /**
     * Dimensions along the edges that are seen from there.
     *
     * @return list<Extent>
     */
    private static function extents(Scene $scene, Camera $camera): array
    {
        [$low, $high] = $scene->reach();
        [$isFront, $isRight] = [$camera->towardsViewer->y < 0.0, $camera->towardsViewer->x > 0.0];
        $y = $isFront ? $low->y : $high->y;
        $x = $isRight ? $high->x : $low->x;
        // The upright edge that stands farthest to the right on the sheet.
        $corners = array_map(fn (array $at): Point => new Point($at[0], $at[1], $low->z), [[$low->x, $low->y], [$high->x, $low->y], [$low->x, $high->y], [$high->x, $high->y]]);
        usort($corners, fn (Point $one, Point $other): int => $camera->see($other)->x <=> $camera->see($one)->x);
        $edge = $corners[0];
        $outwards = new Point((float) ($edge->x <=> ($low->x + $high->x) / 2.0), (float) ($edge->y <=> ($low->y + $high->y) / 2.0), 0.0);

        return [
            new Extent('width', new Point($low->x, $y, $low->z), new Point($high->x, $y, $low->z), new Point(0.0, $isFront ? -1.0 : 1.0, 0.0)),
            new Extent('depth', new Point($x, $low->y, $low->z), new Point($x, $high->y, $low->z), new Point($isRight ? 1.0 : -1.0, 0.0, 0.0)),
            new Extent('height', $edge, new Point($edge->x, $edge->y, $high->z), $outwards),
        ];
    }
}
