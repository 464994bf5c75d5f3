<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** Four square filters on a base panel, the fan on top. */
final readonly class Cube implements Shape
{
    public function id(): string
    {
        return 'cube';
    }

    public function name(): string
    {
        return 'Cube of four';
    }

    public function description(): string
    {
        return 'Four filters in a square, a carton base, the fan on top blowing up. The usual choice for a room.';
    }

    public function filterCount(): int
    {
        return 4;
    }

    public function assemble(Design $design): Assembly
    {
        $walls = FourWalls::of($design->filter, 'cube of four');
        $top = FanOnTop::of($design, $walls->pinwheel);
        $side = $walls->pinwheel->outside();
        $base = new Panel('base', 'Base', $side, $side, null);

        return new Assembly(
            faces: $walls->faces(),
            seams: $walls->seams('base'),
            openings: $top->openings(),
            panels: [$base, ...$top->panels()],
            throttle: $top->throttle(),
            width: max($side, $design->fan->body->side),
            depth: max($side, $design->fan->body->side),
            height: Panel::THICKNESS + $design->filter->height + $top->height(),
            mass: 4.0 * $design->filter->mass + $design->fan->mass,
            remarks: [...$walls->remarks(), ...$top->remarks()],
        );
    }

    public function scene(Design $design): Scene
    {
        $walls = FourWalls::of($design->filter, 'cube of four');
        $side = $walls->pinwheel->outside();
        $z = Panel::THICKNESS;

        return BoxScene::of($walls, FanOnTop::of($design, $walls->pinwheel), [
            Solid::box('base', 'board', new Point(0.0, 0.0, 0.0), new Point($side, $side, $z)),
        ], $z, $z + $design->filter->height);
    }

    public function steps(Design $design): array
    {
        return CubeSteps::of($design, new Step(
            'Tape the base on while the box lies upside down on the bench, then turn the box over.',
            'An untaped base is the longest leak there is.',
            6.0,
        ));
    }
}
