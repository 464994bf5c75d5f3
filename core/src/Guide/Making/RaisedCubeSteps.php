<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\RaisedCube;

/** Making a cube with a fifth filter as its base. */
final readonly class RaisedCubeSteps implements ShapeSteps
{
    public function __construct(private RaisedCube $shape)
    {
    }

    public function of(Design $design): array
    {
        return BoxSteps::of($design, BoxSteps::fifth($design), $this->shape->mount($design));
    }
}
