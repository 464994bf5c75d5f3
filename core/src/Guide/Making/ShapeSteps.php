<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** How one kind of shape is made. */
interface ShapeSteps
{
    /** @return non-empty-list<Step> in order */
    public function of(Design $design): array;
}
