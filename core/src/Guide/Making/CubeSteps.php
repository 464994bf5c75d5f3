<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Cube;
use Jornel\Core\Shape\Design;

/** Making a cube of four. */
final readonly class CubeSteps implements ShapeSteps
{
    public function __construct(private Cube $shape)
    {
    }

    public function of(Design $design): array
    {
        return BoxSteps::of($design, BoxSteps::base($design), $this->shape->mount($design));
    }
}
