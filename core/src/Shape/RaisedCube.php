<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\FilterMarks;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** Five square filters: a cube whose base is a filter too, standing on feet. */
final readonly class RaisedCube implements Shape
{
    /** Clear height under the fifth filter, m (at least 10 cm; assumed). */
    public const FEET = 0.1;

    private const FOOT = 0.05;

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

    public function filterCount(): int
    {
        return 5;
    }

    public function assemble(Design $design): Assembly
    {
        $filter = $design->filter;
        $walls = FourWalls::of($filter, 'raised cube');
        $top = FanOnTop::of($design, $walls->pinwheel);
        $side = $walls->pinwheel->outside();
        $open = min($walls->pinwheel->inside(), $filter->width - 2.0 * $filter->rim);

        return new Assembly(
            faces: [...$walls->faces(), FilterFace::of('face-5', $filter, $open, $open)],
            seams: $walls->seams('fifth filter'),
            openings: $top->openings(),
            panels: $top->panels(),
            throttle: $top->throttle(),
            width: max($side, $design->fan->body->side),
            depth: max($side, $design->fan->body->side),
            height: self::FEET + $filter->depth + $filter->height + $top->height(),
            mass: 5.0 * $filter->mass + $design->fan->mass,
            remarks: [...$walls->remarks(), ...$top->remarks()],
        );
    }

    public function scene(Design $design): Scene
    {
        $filter = $design->filter;
        $walls = FourWalls::of($filter, 'raised cube');
        $side = $walls->pinwheel->outside();
        $floor = self::FEET;
        $z = $floor + $filter->depth;
        $edge = ($side - $filter->width) / 2.0;

        return BoxScene::of($walls, FanOnTop::of($design, $walls->pinwheel), [
            ...$this->feet($side),
            Solid::box('face-5', 'filter', new Point($edge, $edge, $floor), new Point($edge + $filter->width, $edge + $filter->width, $z), [
                'bottom' => FilterMarks::on($filter, Frame::top($edge, $edge, $floor), $filter->width, $filter->width),
            ]),
        ], $z, $z + $filter->height);
    }

    public function steps(Design $design): array
    {
        return CubeSteps::of($design, new Step(
            'Lay the fifth filter on the open bottom, its arrow into the box, tape all four edges, and fix four feet of at least 10 cm under its frame.',
            'Air must reach the fifth filter from below; on a carpet or without feet it does nothing.',
            9.0,
            'Feet firm, at least 10 cm clear',
        ));
    }

    /** @return list<Solid> */
    private function feet(float $side): array
    {
        $feet = [];
        foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$i, $j]) {
            $x = $i * ($side - self::FOOT);
            $y = $j * ($side - self::FOOT);
            $feet[] = Solid::box('feet', 'foot', new Point($x, $y, 0.0), new Point($x + self::FOOT, $y + self::FOOT, self::FEET));
        }

        return $feet;
    }
}
