<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\RaisedCube;

/** Making a raised cube (common practice, no source). */
final readonly class RaisedCubeSteps implements ShapeSteps
{
    public function __construct(private RaisedCube $shape)
    {
    }

    public function of(Design $design): array
    {
        return BoxSteps::of($design, new Step(
            'Lay the fifth filter on the open bottom, its arrow like the others’, tape all four edges, and fix four feet of at least 10 cm under its frame.',
            'Air must reach the fifth filter from below; on a carpet or without feet it does nothing.',
            9.0,
            'Feet firm, at least 10 cm clear',
            ['face-5', 'feet'],
            ['screwdriver'],
            'taping',
        ), $this->shape->mount($design));
    }
}
