<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** Five square filters: a cube whose base is a filter too, standing on feet. */
final readonly class RaisedCube implements Shape
{
    use UsualShape;

    public function id(): string
    {
        return 'raised-cube';
    }

    public function name(): string
    {
        return 'Raised cube of five';
    }

    public function description(): string
    {
        return 'A cube with a fifth filter for a base, on feet of 10 cm. More filter area on the same floor.';
    }

    public function base(): string
    {
        return 'A fifth filter, on feet';
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return 5;
    }

    public function options(): array
    {
        return [FanInCarton::option(), Sheet::option()];
    }

    public function assemble(Design $design): Assembly
    {
        $filter = $design->filter;
        $walls = $this->walls($design);
        $open = min($walls->top()->openWidth, $filter->width - 2.0 * $filter->rim);

        return BoxFan::assembly(
            $walls, BoxFan::of($design, $walls->top()), 'fifth filter', null,
            [...$walls->faces(), FilterFace::of('face-5', $design, $open ** 2)], [], ['feet-10cm' => 4],
        );
    }

    public function scene(Design $design): Scene
    {
        $filter = $design->filter;
        $walls = $this->walls($design);
        $side = $walls->top()->width;
        $floor = Feet::HEIGHT;
        $z = $floor + $design->stackDepth();
        $edge = ($side - $filter->width) / 2.0;

        return BoxScene::of($walls, BoxFan::of($design, $walls->top()), [
            ...Feet::solids($side, $side),
            Solid::box('face-5', 'filter', new Point($edge, $edge, $floor), new Point($edge + $filter->width, $edge + $filter->width, $z), [
                'bottom' => FilterMarks::on($filter, Frame::top($edge, $edge, $floor), $filter->width, $filter->width),
            ]),
        ], $z);
    }

    public function size(Design $design): Size
    {
        $walls = $this->walls($design);

        return BoxScene::size($walls, BoxFan::of($design, $walls->top()), Feet::HEIGHT + $design->stackDepth());
    }

    /** @throws DoesNotFit */
    /**
     * How its fan closes the top.
     *
     * @throws DoesNotFit
     */
    public function mount(Design $design): FanMount
    {
        return BoxFan::of($design, $this->walls($design)->top());
    }

    private function walls(Design $design): FourWalls
    {
        if ($design->filter->isFramed() && ! $design->filter->isSquare()) {
            throw DoesNotFit::notSquare($design->filter, $design->shape);
        }

        return FourWalls::of($design, $design->filter->width, $design->filter->height);
    }
}
