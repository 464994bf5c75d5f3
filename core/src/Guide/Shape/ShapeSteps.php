<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Shape;

use Jornel\Core\Guide\Step;
use Jornel\Core\Shape\Design;

/** How one kind of shape is made. */
interface ShapeSteps
{
    /** @return non-empty-list<Step> in order */
    public function of(Design $design): array;
}
