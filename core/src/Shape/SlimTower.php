<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\ConvexHull;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\StandingFilter;

/** Three narrow faces standing as a column, small fans stacked on the remaining side or one on top. */
final readonly class SlimTower implements Shape
{
    use UsualShape;

    private const MOST = 5;

    /** Widest filter that is still called narrow, m (assumed: 12 in). */
    private const WIDEST = 0.3048;

    public function id(): string
    {
        return 'slim-tower';
    }

    public function name(): string
    {
        return 'Slim tower of three';
    }

    public function description(): string
    {
        return 'Three narrow filters as a column with small fans: fits between desks, looks like a lamp.';
    }

    public function options(): array
    {
        return [
            Footing::option(),
            new ShapeOption('column', 'Column', ['square' => 'Square, fans on the fourth side', 'triangular' => 'Triangular, one fan on top'], 'square'),
            new ShapeOption('fans', 'Fans on the fourth side', ['full' => 'As many as fit'] + ShapeOption::number('', '', 1, self::MOST, 'fans', 1)->choices, 'full'),
        ];
    }

    /** So many fans on the fourth side of a square column; or a triangular one, which has one on top. */
    public function ways(): array
    {
        return [
            ...array_merge(...array_map(fn (string $stand): array => array_map(
                fn (int $count): array => [Footing::OPTION => $stand, 'column' => 'square', 'fans' => (string) $count], range(1, self::MOST),
            ), Footing::SEARCHED)),
            ...array_map(fn (string $stand): array => [Footing::OPTION => $stand, 'column' => 'triangular'], Footing::SEARCHED),
        ];
    }

    public function shaft(Design $design): ShaftPosition
    {
        return $this->isTriangular($design) ? ShaftPosition::Vertical : ShaftPosition::Horizontal;
    }

    public function filterCount(Design $design): int
    {
        return 3;
    }

    public function fanCount(Design $design): int
    {
        if ($this->isTriangular($design)) {
            return 1;
        }

        return $design->option('fans') === 'full' ? $this->most($design) : $design->number('fans');
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);

        return $this->isTriangular($design) ? $this->triangular($design) : $this->square($design);
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);

        return $this->isTriangular($design) ? $this->triangularScene($design) : $this->squareScene($design);
    }

    /** Side filters left and right, the back one between them, the panel with the fans in front. */
    private function square(Design $design): Assembly
    {
        [$w, $h] = $this->sides($design);
        $t = $design->stackDepth();
        $rim = $design->filter->rim;
        $width = $w + 2.0 * $t;
        $depth = Panel::THICKNESS + $w;
        $netHeight = $h - 2.0 * $rim;
        $side = ($w - $rim - max($rim, $t)) * $netHeight;
        $count = $this->fanCount($design);
        $row = new FanRow($design->fan, $count, $h, $width);
        $cap = Panel::rectangle('top', 'Top', $width, $depth);

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $side), FilterFace::of('face-2', $design, $side), FilterFace::of('face-3', $design, $design->filter->netArea())],
            seams: [
                new Seam('Upright: filters to each other and to the front', 4.0 * $h, 4),
                new Seam('Bottom and top all round', 4.0 * ($width + $depth), 8),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan, $count)],
            panels: [
                // Drawn as it stands: the row runs up the panel.
                Panel::withHoles('front', 'Front with the fans', $width, $h, array_map(fn (Hole $hole): Hole => Hole::round($hole->y, $hole->x, $hole->width), $row->holes()))->spaced(),
                Panel::withHoles('bottom', 'Bottom', $width, $depth, [FanRow::cable()]), $cap,
            ],
            throttle: $design->fan->body->throttle($w * ($w - $t)),
            remarks: [],
            hardware: SmallFanWiring::for($count, $design->fan, $design->speed),
            fastened: FourWalls::TACKS,
        );
    }

    /** Three faces round an equilateral triangle, open to one fan on top. */
    private function triangular(Design $design): Assembly
    {
        [$w, $h] = $this->sides($design);
        $outline = $this->outline($design);
        $middle = new PlanePoint($w / 2.0, $w / (2.0 * sqrt(3.0)));
        $circle = $design->fan->body->bladeCircle;
        $perimeter = 3.0 * $w;
        $throttle = $design->fan->body->throttle(self::circleInTriangle($circle / 2.0, $w));

        return new Assembly(
            faces: FilterFace::alike(3, $design, $design->filter->netArea()),
            seams: [
                new Seam('Filter to filter, upright', 3.0 * $h, 3),
                new Seam('Bottom and top all round', 2.0 * $perimeter, 6),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan)],
            panels: [
                Panel::polygon('bottom', 'Bottom', $outline),
                Panel::polygon('top', 'Top with the fan', $outline, [Hole::round($middle->x, $middle->y, $circle)]),
            ],
            throttle: $throttle,
            remarks: $throttle < 1.0 ? [sprintf('The three filters cut into the blade circle: only %.0f %% of it is open. The square column breathes better.', 100.0 * $throttle)] : [],
            hardware: SmallFanWiring::for(1, $design->fan, $design->speed),
            fastened: FourWalls::TACKS,
        );
    }

    private function squareScene(Design $design): Scene
    {
        [$w, $h] = $this->sides($design);
        $t = $design->stackDepth();
        $p = Panel::THICKNESS;
        $fan = $design->fan;
        $y0 = $fan->body->depth;
        $width = $w + 2.0 * $t;
        $back = $y0 + $p + $w;
        $row = new FanRow($fan, $this->fanCount($design), $h, $width);
        $filter = $design->filter;
        $solids = [
            Solid::box('bottom', 'board', new Point(0.0, $y0, 0.0), new Point($width, $back, $p)),
            Solid::box('front', 'board', new Point(0.0, $y0, $p), new Point($width, $y0 + $p, $p + $h)),
            Solid::box('face-1', 'filter', new Point(0.0, $y0 + $p, $p), new Point($t, $back, $p + $h)),
            Solid::box('face-2', 'filter', new Point($width - $t, $y0 + $p, $p), new Point($width, $back, $p + $h), ['right' => FilterMarks::on($filter, Frame::right($width, $y0 + $p, $p), $w, $h)]),
            Solid::box('face-3', 'filter', new Point($t, $back - $t, $p), new Point($width - $t, $back, $p + $h)),
            // u runs up the panel, so that the row does; the normal is towards the viewer.
            ...$row->solids(new Frame(new Point($width, $y0, $p), new Point(0.0, 0.0, 1.0), new Point(-1.0, 0.0, 0.0))),
            Solid::box('top', 'board', new Point(0.0, $y0, $p + $h), new Point($width, $back, 2.0 * $p + $h)),
        ];

        return new Scene($solids, [
            new Arrow('fan', 'outlet', new Point($width / 2.0, -0.02, $h * 0.5), new Point($width / 2.0, -0.28, $h * 0.5)),
            new Arrow('face-2', 'intake', new Point($width + 0.3, $y0 + $w / 2.0, $h * 0.55), new Point($width + 0.06, $y0 + $w / 2.0, $h * 0.55)),
        ], [
            new Anchor('fan', new Point($width / 2.0, 0.0, $h * 0.75)),
            new Anchor('face-2', new Point($width, $y0 + $w * 0.6, $h * 0.7)),
            new Anchor('seam', new Point($width, $y0, $h * 0.25)),
            new Anchor('front', new Point(0.01, $y0, $h * 0.4)),
            new Anchor('corners', new Point($width * 0.1, $y0, $h * 0.2)),
        ], Extent::box($width, $back, 2.0 * $p + $h));
    }

    private function triangularScene(Design $design): Scene
    {
        [$w, $h] = $this->sides($design);
        $t = $design->stackDepth();
        $p = Panel::THICKNESS;
        $outline = $this->outline($design);
        $shift = new PlanePoint(-min(array_column($outline, 'x')), -min(array_column($outline, 'y')));
        $cap = fn (string $part, float $z): Solid => Solid::prism($part, 'board', array_map(fn (PlanePoint $at): Point => self::shifted($at, $shift, $z), $outline), new Point(0.0, 0.0, $p));
        $fan = $design->fan;
        $middle = self::shifted(new PlanePoint($w / 2.0, $w / (2.0 * sqrt(3.0))), $shift, 2.0 * $p + $h);
        $solids = [$cap('bottom', 0.0)];
        foreach ($this->triangle($w) as $number => [$from, $to]) {
            $solids[] = StandingFilter::on(sprintf('face-%d', $number + 1), $design->filter, self::shifted($from, $shift, $p), self::shifted($to, $shift, $p), $t, $h);
        }
        $solids[] = $cap('top', $p + $h);
        $solids[] = FanSolid::of($fan, new Frame($middle, new Point(1.0, 0.0, 0.0), new Point(0.0, 1.0, 0.0)), false);
        [$width, $depth] = [max(array_column($outline, 'x')) + $shift->x, max(array_column($outline, 'y')) + $shift->y];
        $top = $middle->z + $fan->body->depth;

        return new Scene($solids, [
            new Arrow('fan', 'outlet', new Point($middle->x, $middle->y, $top + 0.02), new Point($middle->x, $middle->y, $top + 0.26)),
            new Arrow('face-1', 'intake', new Point($middle->x, -0.3, $h * 0.5), new Point($middle->x, -0.06, $h * 0.5)),
        ], [
            new Anchor('fan', new Point($middle->x, $middle->y - 0.03, $top)),
            new Anchor('face-1', new Point($width * 0.3, 0.0, $h * 0.65)),
            new Anchor('seam', new Point($width * 0.85, 0.0, $h * 0.3)),
            new Anchor('top', new Point($width * 0.2, $depth * 0.2, $p + $h)),
            new Anchor('corners', new Point($middle->x + 0.05, $middle->y, $top)),
        ], Extent::box($width, $depth, $top));
    }

    /**
     * The inner lines of the three faces, in a right-handed round, so that each has the outside on its right.
     *
     * @return list<array{PlanePoint, PlanePoint}>
     */
    private function triangle(float $w): array
    {
        [$a, $b, $c] = [new PlanePoint(0.0, 0.0), new PlanePoint($w, 0.0), new PlanePoint($w / 2.0, $w * sqrt(3.0) / 2.0)];

        return [[$a, $b], [$b, $c], [$c, $a]];
    }

    /** @return non-empty-list<PlanePoint> around all three frames, m */
    private function outline(Design $design): array
    {
        [$w] = $this->sides($design);
        $t = $design->stackDepth();
        $points = [];
        foreach ($this->triangle($w) as [$from, $to]) {
            $out = (new PlanePoint($to->y - $from->y, $from->x - $to->x))->scaled($t / $w);
            array_push($points, $from->plus($out), $to->plus($out));
        }

        return ConvexHull::of($points === [] ? [new PlanePoint(0.0, 0.0)] : $points);
    }

    private static function shifted(PlanePoint $at, PlanePoint $by, float $z): Point
    {
        return new Point($at->x + $by->x, $at->y + $by->y, $z);
    }

    /**
     * Area that a circle about the middle of an equilateral triangle has in common with it.
     *
     * @param  float  $radius  m, at most the triangle's outer radius
     * @param  float  $side  m
     * @return float m2
     */
    private static function circleInTriangle(float $radius, float $side): float
    {
        $inner = $side / (2.0 * sqrt(3.0));
        if ($radius <= $inner) {
            return M_PI * $radius ** 2;
        }
        $segment = $radius ** 2 * acos($inner / $radius) - $inner * sqrt($radius ** 2 - $inner ** 2);

        return min(sqrt(3.0) / 4.0 * $side ** 2, M_PI * $radius ** 2 - 3.0 * $segment);
    }

    private function isTriangular(Design $design): bool
    {
        return $design->option('column') === 'triangular';
    }

    /** @return array{float, float} narrow and long side of the faces, m */
    private function sides(Design $design): array
    {
        return [min($design->filter->width, $design->filter->height), max($design->filter->width, $design->filter->height)];
    }

    private function most(Design $design): int
    {
        [$w, $h] = $this->sides($design);

        return min(self::MOST, FanRow::most($design->fan->body, $h, $w + 2.0 * $design->stackDepth()));
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::SMALL, $this);
        [$w] = $this->sides($design);
        if ($w > self::WIDEST) {
            throw DoesNotFit::notNarrow($design->filter, self::WIDEST);
        }
        if ($w - $design->stackDepth() <= 0.0) {
            throw DoesNotFit::tooDeep($design->filter, $design->shape);
        }
        if ($this->isTriangular($design)) {
            return;
        }
        if ($this->most($design) === 0) {
            throw DoesNotFit::panelTooNarrow($design->fan, $w + 2.0 * $design->stackDepth());
        }
        if ($this->fanCount($design) > $this->most($design)) {
            throw DoesNotFit::tooMany('fans', $this->most($design), 'above');
        }
    }
}
