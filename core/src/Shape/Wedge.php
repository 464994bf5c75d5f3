<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\StandingFilter;

/** Two filters in a V on the back of a fan, closed by a triangle at each end. */
final readonly class Wedge implements Shape
{
    use UsualShape;

    /** Both filters together over the fan's body, at least (assumed): a flatter V closes on itself. */
    private const LEAST_REACH = 1.1;

    public function id(): string
    {
        return 'wedge';
    }

    public function name(): string
    {
        return 'Wedge of two';
    }

    public function description(): string
    {
        return 'Two filters in a V behind the fan, two triangles of carton: twice the area of a panel, stands by itself.';
    }

    public function options(): array
    {
        return [Collar::option(), Footing::option()];
    }

    public function filterCount(Design $design): int
    {
        return 2;
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        $triangle = $this->triangle($design);
        [, $height] = $this->sides($design);
        $body = $design->fan->body;
        $seat = $this->seat($design);
        $collar = $this->collar($design);
        $shroud = Shroud::of($design);
        $ends = Panel::polygon('end', 'Triangle', [new PlanePoint(0.0, 0.0), new PlanePoint($triangle->base, 0.0), new PlanePoint($triangle->base / 2.0, $triangle->height())]);

        return new Assembly(
            faces: FilterFace::alike(2, $design, $design->filter->netArea()),
            seams: [
                new Seam('Filter to filter at the point, and filters to fan', 3.0 * $height, 3),
                new Seam('Triangles all round', 2.0 * $triangle->perimeter(), 6),
                ...($collar === null ? [] : $collar->seams()),
            ],
            openings: $seat->openings($design->corners, $collar !== null),
            panels: [
                $ends, $ends,
                ...($collar === null ? [] : $collar->panels()),
                ...($shroud === null ? [] : [$shroud->panel()]),
            ],
            throttle: $seat->throttle($triangle->base * $height),
            remarks: [sprintf('The point of the V is %.0f degrees wide.', $triangle->angle())],
        );
    }

    /** The point of the V towards the viewer, the fan behind it. */
    public function scene(Design $design): Scene
    {
        $this->check($design);
        $triangle = $this->triangle($design);
        [[$w, $h], $t] = [$this->sides($design), $design->stackDepth()];
        $body = $design->fan->body;
        $deep = $triangle->height();
        // Outward normals of the two sides, and the shift that brings all of it to the right of and behind the origin.
        [$nx, $ny] = [$deep / $w, $triangle->base / 2.0 / $w];
        $x0 = max($t * $nx, ($body->side - $triangle->base) / 2.0);
        $y0 = $t * $ny;
        $bottom = $this->bottom($design);
        $point = new Point($x0 + $triangle->base / 2.0, $y0, $bottom);
        $left = new Point($x0, $y0 + $deep, $bottom);
        $right = new Point($x0 + $triangle->base, $y0 + $deep, $bottom);
        $end = fn (float $z): Solid => Solid::prism('end', 'board', array_map(fn (Point $corner): Point => new Point($corner->x, $corner->y, $z), [$point, $right, $left]), new Point(0.0, 0.0, Panel::THICKNESS));
        $collar = $this->collar($design);
        $shroud = Shroud::of($design);
        $fanY = $y0 + $deep + ($collar?->depth() ?? 0.0);
        // The lower triangle lies on the ground beside the fan where the blades stay within the V; else both have one middle.
        $middle = new Point($x0 + $triangle->base / 2.0, $fanY, max($body->side, $h + 2.0 * Panel::THICKNESS) / 2.0);
        $seat = new Frame($middle, new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0));
        $back = $middle->y + $body->depth;
        $solids = [
            $end($bottom - Panel::THICKNESS),
            StandingFilter::on('face-1', $design->filter, $left, $point, $t, $h),
            StandingFilter::on('face-2', $design->filter, $point, $right, $t, $h),
            $end($bottom + $h),
            ...($collar === null ? [] : $collar->solids(new Point($x0, $y0 + $deep, $bottom))),
            FanSolid::of($design->fan, $seat, $shroud !== null),
        ];
        if ($shroud !== null) {
            $back += Panel::THICKNESS;
            $solids[] = $shroud->solid($seat->movedTo(new Point($middle->x, $back, $middle->z)));
        }
        $face = new Point(($point->x + $right->x) / 2.0 + $nx * $t, ($point->y + $right->y) / 2.0 - $ny * $t, $bottom + $h * 0.6);
        $toFace = new Point($nx, -$ny, 0.0);
        $half = $body->side / 2.0;

        return new Scene($solids, [
            new Arrow('face-2', 'intake', $face->plus($toFace->scaled(0.3)), $face->plus($toFace->scaled(0.06))),
            new Arrow('fan', 'outlet', new Point($middle->x, $back + 0.03, $middle->z), new Point($middle->x, $back + 0.36, $middle->z)),
            new Arrow('corners', 'bypass', new Point($middle->x + $half + 0.14, $back + 0.05, $middle->z + $half), new Point($middle->x + $half, $back - 0.01, $middle->z + $half - 0.03)),
        ], [
            new Anchor('face-1', new Point(($point->x + $left->x) / 2.0 - $nx * $t, ($point->y + $left->y) / 2.0 - $ny * $t, $bottom + $h * 0.6)),
            new Anchor('face-2', $face),
            new Anchor('seam', new Point($point->x, $point->y, $bottom + $h * 0.25)),
            new Anchor('fan', new Point($middle->x, $middle->y + $body->depth / 2.0, $middle->z + $half)),
            new Anchor('end', new Point($point->x, $y0 + $deep * 0.6, $bottom + $h + Panel::THICKNESS)),
            new Anchor('corners', new Point($middle->x + $half, $back, $middle->z + $half)),
            ...($collar === null ? [] : [new Anchor('collar', new Point($x0, $y0 + $deep, $bottom + $h))]),
        ], $this->size($design)->extents());
    }

    public function size(Design $design): Size
    {
        $triangle = $this->triangle($design);
        [[$w, $h], $t] = [$this->sides($design), $design->stackDepth()];
        $body = $design->fan->body;
        $sheets = ($design->hasShroud() ? Panel::THICKNESS : 0.0) + ($this->collar($design)?->depth() ?? 0.0);

        return new Size(
            max($triangle->base + 2.0 * $t * $triangle->height() / $w, $body->side),
            $t * $triangle->base / 2.0 / $w + $triangle->height() + $body->depth + $sheets,
            max($body->side, $h + 2.0 * Panel::THICKNESS),
        );
    }

    private function triangle(Design $design): IsoscelesTriangle
    {
        return new IsoscelesTriangle($this->sides($design)[0], $design->fan->body->side);
    }

    /** @throws DoesNotFit */
    public function collar(Design $design): ?Collar
    {
        return Collar::of($design, $this->seat($design), $design->fan->body->side, $this->sides($design)[1]);
    }

    private function seat(Design $design): FanSeat
    {
        $side = $design->fan->body->side;
        [, $height] = $this->sides($design);

        return new FanSeat($design->fan, $side, $height, $side, $height);
    }

    /** Lower edge of the filters: the lower triangle lies on the ground wherever the blades stay within the V, m. */
    private function bottom(Design $design): float
    {
        $body = $design->fan->body;
        [, $h] = $this->sides($design);
        $centred = max(Panel::THICKNESS, ($body->side - $h) / 2.0);

        return $h + Panel::THICKNESS >= ($body->side + $body->bladeCircle) / 2.0 ? Panel::THICKNESS : $centred;
    }

    /**
     * The filter's side that runs away from the fan, and the one that stands beside it: the nearer to the fan's own.
     *
     * @return array{float, float} m
     */
    private function sides(Design $design): array
    {
        [$w, $h, $side] = [$design->filter->width, $design->filter->height, $design->fan->body->side];

        return abs($h - $side) <= abs($w - $side) ? [$w, $h] : [$h, $w];
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        $filter = $design->filter;
        if (! $filter->isFramed()) {
            throw DoesNotFit::notAFrame($filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $this);
        [$width, $height] = $this->sides($design);
        if (abs($height - $design->fan->body->side) > 2.0 * FanSeat::ALLOWED_OVERHANG) {
            throw DoesNotFit::heightOff($design->fan, $height, 2.0 * FanSeat::ALLOWED_OVERHANG);
        }
        if (2.0 * $width < self::LEAST_REACH * $design->fan->body->side) {
            throw DoesNotFit::tooNarrow($design->fan, $width);
        }
    }
}
