<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** Two long faces back to back, small fans in rows on top and on the ends. */
final readonly class ArrayBox implements Shape
{
    use UsualShape;

    /** Room beside the fans on the panels that carry them, m (assumed). */
    private const MARGIN = 0.01;

    private const MOST = 12;

    private const MOST_ON_END = 4;

    public function id(): string
    {
        return 'array-box';
    }

    public function name(): string
    {
        return 'Array box of small fans';
    }

    public function description(): string
    {
        return 'Two filters back to back and rows of PC fans between them: the quietest, and the least energy.';
    }

    public function options(): array
    {
        return [
            new ShapeOption('fans-top', 'Fans on top', ['full' => 'As many as fit'] + ShapeOption::number('', '', 0, self::MOST, 'fans', 0)->choices, 'full'),
            ShapeOption::number('fans-ends', 'Fans on an end', 0, self::MOST_ON_END, 'fans', 0),
            new ShapeOption('ends', 'Ends with fans', ['one' => 'One', 'both' => 'Both'], 'one'),
        ];
    }

    /** Fans go on the top first; on one end, and then on both, only when the top is full. */
    public function ways(): array
    {
        $onTop = array_map(fn (int $count): array => ['fans-top' => (string) $count, 'fans-ends' => '0', 'ends' => 'one'], range(1, self::MOST));
        foreach (['one', 'both'] as $ends) {
            $onEnds[] = array_map(fn (int $count): array => ['fans-top' => 'full', 'fans-ends' => (string) $count, 'ends' => $ends], range(1, self::MOST_ON_END));
        }

        return [...$onTop, ...array_merge(...$onEnds)];
    }

    /** Fans on both ends where one would hold them all. */
    public function isNeedless(Design $design): bool
    {
        return $this->onBothEnds($design) && 2 * $design->number('fans-ends') <= $this->mostOnEnd($design);
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return 2;
    }

    public function fanCount(Design $design): int
    {
        return $this->onTop($design) + ($this->onBothEnds($design) ? 2 : 1) * $design->number('fans-ends');
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        [$long, $up] = $this->sides($design);
        $depth = $this->depth($design);
        $length = $long + 2.0 * Panel::THICKNESS;
        $count = $this->fanCount($design);
        $end = fn (bool $hasFans): Panel => Panel::withHoles($hasFans ? 'end' : 'end-plain', $hasFans ? 'End with the fans' : 'End', $up, $depth, $hasFans ? $this->end($design)?->holes() ?? [] : [])->spaced();

        return new Assembly(
            faces: FilterFace::alike(2, $design, $design->filter->netArea()),
            seams: [
                new Seam('Filters all round', 4.0 * ($long + $up), 8),
                new Seam('Ends to top and bottom', 4.0 * $depth, 4),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan, $count)],
            panels: [
                Panel::withHoles('top', 'Top', $length, $depth, $this->top($design)?->holes() ?? [])->spaced(),
                Panel::withHoles('bottom', 'Bottom', $length, $depth, [FanRow::cable()]),
                $end($design->number('fans-ends') > 0), $end($design->number('fans-ends') > 0 && $this->onBothEnds($design)),
            ],
            throttle: 1.0,
            remarks: ['The box is slack until a filter stiffens it: one filter goes in early, and something must pull the long panels together.'],
            hardware: SmallFanWiring::for($count, $design->fan, $design->speed) + ['strap' => 1],
            // On the edges of top, bottom and ends that the filters' frames lie on.
            lengths: ['foam-strip' => 4.0 * ($long + $up)],
        );
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);
        [$long, $up] = $this->sides($design);
        $t = Panel::THICKNESS;
        $deep = $design->stackDepth();
        $depth = $this->depth($design);
        $body = $design->fan->body;
        $hasFans = $design->number('fans-ends') > 0;
        $hasBoth = $hasFans && $this->onBothEnds($design);
        $x0 = $hasBoth ? $body->depth : 0.0;
        $x1 = $x0 + $long + 2.0 * $t;
        $box = fn (string $part, float $xa, float $ya, float $za, float $xb, float $yb, float $zb): Solid => Solid::box($part, 'board', new Point($xa, $ya, $za), new Point($xb, $yb, $zb));
        $top = $up + 2.0 * $t;
        $solids = [
            $box('bottom', $x0, 0.0, 0.0, $x1, $depth, $t),
            $box($hasBoth ? 'end' : 'end-plain', $x0, 0.0, $t, $x0 + $t, $depth, $t + $up),
            Solid::box('face-1', 'filter', new Point($x0 + $t, 0.0, $t), new Point($x1 - $t, $deep, $t + $up), ['front' => FilterMarks::on($design->filter, Frame::front($x0 + $t, 0.0, $t), $long, $up)]),
            Solid::box('face-2', 'filter', new Point($x0 + $t, $depth - $deep, $t), new Point($x1 - $t, $depth, $t + $up)),
            $box($hasFans ? 'end' : 'end-plain', $x1 - $t, 0.0, $t, $x1, $depth, $t + $up),
            $box('top', $x0, 0.0, $top - $t, $x1, $depth, $top),
            ...($this->top($design)?->solids(Frame::top($x0, 0.0, $top)) ?? []),
            ...($this->end($design)?->solids(new Frame(new Point($x1, $depth, $t), new Point(0.0, 0.0, 1.0), new Point(0.0, -1.0, 0.0))) ?? []),
            ...($hasBoth ? $this->end($design)?->solids(new Frame(new Point($x0, 0.0, $t), new Point(0.0, 0.0, 1.0), new Point(0.0, 1.0, 0.0))) ?? [] : []),
        ];
        $z = $top + ($this->onTop($design) > 0 ? $body->depth : 0.0);
        $middle = ($x0 + $x1) / 2.0;

        return new Scene($solids, [
            new Arrow('face-1', 'intake', new Point($middle, -0.3, $up * 0.55), new Point($middle, -0.06, $up * 0.55)),
            new Arrow('fan', 'outlet', new Point($middle, $depth / 2.0, $z + 0.02), new Point($middle, $depth / 2.0, $z + 0.28)),
        ], [
            new Anchor('face-1', new Point($x0 + $long * 0.25, 0.0, $up * 0.6)),
            new Anchor('fan', new Point($middle, $depth * 0.3, $z)),
            new Anchor('seam', new Point($x1, 0.0, $up * 0.3)),
            new Anchor($hasFans ? 'end' : 'end-plain', new Point($x1, $depth * 0.6, $up * 0.7)),
            new Anchor('corners', new Point($x1 - 0.05, $depth * 0.7, $top)),
            new Anchor('box', new Point($x0, 0.0, $up * 0.3)),
        ], $this->size($design)->extents());
    }

    public function size(Design $design): Size
    {
        [$long, $up] = $this->sides($design);
        $deep = $design->fan->body->depth;
        $ends = $design->number('fans-ends') === 0 ? 0 : ($this->onBothEnds($design) ? 2 : 1);

        return new Size(
            $long + 2.0 * Panel::THICKNESS + $ends * $deep,
            $this->depth($design),
            $up + 2.0 * Panel::THICKNESS + ($this->onTop($design) > 0 ? $deep : 0.0),
        );
    }

    /** @return array{float, float} long side and height of the faces, m */
    private function sides(Design $design): array
    {
        return [max($design->filter->width, $design->filter->height), min($design->filter->width, $design->filter->height)];
    }

    private function depth(Design $design): float
    {
        return 2.0 * $design->stackDepth() + $design->fan->body->side + 2.0 * self::MARGIN;
    }

    private function mostOnTop(Design $design): int
    {
        return min(self::MOST, FanRow::most($design->fan->body, $this->sides($design)[0] + 2.0 * Panel::THICKNESS, $this->depth($design)));
    }

    private function mostOnEnd(Design $design): int
    {
        return FanRow::most($design->fan->body, $this->sides($design)[1], $this->depth($design));
    }

    private function onTop(Design $design): int
    {
        return $design->option('fans-top') === 'full' ? $this->mostOnTop($design) : $design->number('fans-top');
    }

    private function onBothEnds(Design $design): bool
    {
        return $design->option('ends') === 'both';
    }

    private function top(Design $design): ?FanRow
    {
        return $this->row($design->fan, $this->onTop($design), $this->sides($design)[0] + 2.0 * Panel::THICKNESS, $this->depth($design));
    }

    private function end(Design $design): ?FanRow
    {
        return $this->row($design->fan, $design->number('fans-ends'), $this->sides($design)[1], $this->depth($design));
    }

    private function row(Fan $fan, int $count, float $along, float $across): ?FanRow
    {
        return $count === 0 ? null : new FanRow($fan, $count, $along, $across);
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::SMALL, $this);
        $most = $this->mostOnTop($design);
        if ($this->onTop($design) > $most) {
            throw DoesNotFit::tooMany('fans-top', $most, 'on-top');
        }
        $most = $this->mostOnEnd($design);
        if ($design->number('fans-ends') > $most) {
            throw DoesNotFit::tooMany('fans-ends', $most, 'on-end');
        }
        if ($this->fanCount($design) === 0) {
            throw DoesNotFit::noFan('fans-top');
        }
    }
}
