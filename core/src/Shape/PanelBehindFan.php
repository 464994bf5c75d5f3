<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Filter;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** One or more filters in series on the intake side of a fan. */
final readonly class PanelBehindFan
{
    /** @param  non-empty-list<Filter>  $stack  the one next to the fan first */
    private function __construct(private Design $design, public array $stack, private FanSeat $seat, public ?Collar $collar)
    {
    }

    /**
     * @param  non-empty-list<Filter>  $stack  the one next to the fan first
     *
     * @throws DoesNotFit
     */
    public static function of(Design $design, array $stack): self
    {
        $filter = $design->filter;
        if (! $filter->isFramed()) {
            throw DoesNotFit::notAFrame($filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $design->shape);
        $seat = new FanSeat($design->fan, $filter->width, $filter->height, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim);
        $seat->mustNotOverhang();
        $collar = Collar::of($design, $seat, $filter->width, $filter->height);
        if ($collar === null) {
            $seat->mustCover();
        }

        return new self($design, $stack, $seat, $collar);
    }

    /**
     * Two filters in series, the one next to the fan first: pulled, the air meets the outer one first, pushed, the inner one.
     *
     * @param  Filter  $first  that the air meets first
     * @return array{Filter, Filter}
     */
    public static function stack(Design $design, Filter $first): array
    {
        return $design->direction() === Direction::Push ? [$first, $design->filter] : [$design->filter, $first];
    }

    /**
     * Which part of the drawing a filter of a stack is: the one that the air meets last is the face.
     *
     * @param  non-empty-list<Filter>  $stack  the one next to the fan first
     * @param  int  $number  of the filter in it, from 0
     */
    public static function part(Design $design, array $stack, int $number): string
    {
        $last = $design->direction() === Direction::Push ? count($stack) - 1 : 0;

        return $number === $last ? 'face-1' : 'prefilter';
    }

    /** @param  list<string>  $remarks */
    public function assembly(array $remarks = []): Assembly
    {
        $face = FilterFace::behindHole('face-1', $this->design, $this->collar?->gap() ?? FaceReach::BODY_GAP, count($this->stack) > 1 && $this->design->prefilter === null);
        $filter = $this->design->filter;
        $shroud = Shroud::of($this->design);
        $round = 2.0 * ($filter->width + $filter->height);

        return new Assembly(
            faces: [$face],
            seams: [
                new Seam(match (true) {
                    $this->collar === null => 'Filter’s edge to the fan',
                    $this->collar->hasFrame => 'Filter to the stand-off frame',
                    default => 'Filter to the collar',
                }, $round, 4),
                ...($this->collar === null ? [] : $this->collar->seams()),
                ...(count($this->stack) > 1 ? [new Seam('Filter to filter', $round * (count($this->stack) - 1), 4 * (count($this->stack) - 1))] : []),
            ],
            openings: $this->seat->openings($this->design->corners, $this->collar !== null),
            panels: [
                ...($this->collar === null ? [] : $this->collar->panels()),
                ...($shroud === null ? [] : [$shroud->panel()]),
            ],
            throttle: $this->seat->throttle(($filter->width - 2.0 * $filter->rim) * ($filter->height - 2.0 * $filter->rim)),
            remarks: $remarks,
        );
    }

    /** The fan blows towards the viewer; shroud, fan and filters stand one behind the other. */
    public function scene(): Scene
    {
        $filter = $this->design->filter;
        $body = $this->design->fan->body;
        $side = max($body->side, $filter->width);
        $high = max($body->side, $filter->height);
        [$x, $z] = [$side / 2.0, $high / 2.0];
        $shroud = Shroud::of($this->design);
        $outlet = $shroud === null ? 0.0 : Panel::THICKNESS;
        $seatY = $outlet + $body->depth;
        $solids = [FanSolid::of($this->design->fan, Frame::front($x, $seatY, $z), $shroud !== null)];
        $depth = $seatY;
        if ($this->collar !== null) {
            array_push($solids, ...$this->collar->solids(new Point($x - $filter->width / 2.0, $depth, $z - $filter->height / 2.0)));
            $depth += $this->collar->depth();
        }
        foreach ($this->stack as $number => $one) {
            $low = new Point($x - $one->width / 2.0, $depth, $z - $one->height / 2.0);
            $depth += $one->depth;
            $back = new Frame(new Point($x + $one->width / 2.0, $depth, $low->z), new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0));
            $solids[] = Solid::box(self::part($this->design, $this->stack, $number), 'filter', $low, new Point($x + $one->width / 2.0, $depth, $z + $one->height / 2.0), [
                'back' => FilterMarks::on($one, $back, $one->width, $one->height),
            ]);
        }
        if ($shroud !== null) {
            $solids[] = $shroud->solid(Frame::front($x, 0.0, $z));
        }

        return new Scene($solids, [
            new Arrow('fan', 'outlet', new Point($x, -0.03, $z), new Point($x, -0.36, $z)),
            new Arrow('face-1', 'intake', new Point($side * 0.78, $depth + 0.42, $high * 0.8), new Point($side * 0.78, $depth + 0.12, $high * 0.8)),
            new Arrow('corners', 'bypass', new Point($side + 0.12, $outlet - 0.05, $high + 0.02), new Point($side - 0.02, $outlet, $high - 0.03)),
        ], [
            new Anchor('fan', new Point($x * 0.75, 0.0, $z * 1.3)),
            new Anchor('face-1', new Point($x + $filter->width / 2.0, $seatY + $filter->depth / 2.0, $z * 1.25)),
            new Anchor('seam', new Point($x + $filter->width / 2.0, $seatY, $z * 0.55)),
            new Anchor('corners', new Point($x * 1.9, 0.0, $z * 1.92)),
            new Anchor('box', new Point($x * 0.6, $depth - $filter->depth / 2.0, $z + $filter->height / 2.0)),
            ...($this->collar === null ? [] : [new Anchor('collar', new Point($x - $filter->width * 0.45, $seatY, $z + $filter->height * 0.45))]),
            ...($shroud === null ? [] : [new Anchor(Shroud::PART, new Point($x * 0.12, 0.0, $z * 0.15))]),
        ], $this->size()->extents());
    }

    public function size(): Size
    {
        $filter = $this->design->filter;
        $body = $this->design->fan->body;
        $sheets = ($this->design->hasShroud() ? Panel::THICKNESS : 0.0) + ($this->collar?->depth() ?? 0.0);
        $deep = array_sum(array_map(fn (Filter $one): float => $one->depth, $this->stack));

        return new Size(max($body->side, $filter->width), $sheets + $body->depth + $deep, max($body->side, $filter->height));
    }
}
