<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** How one kind of shape is made. */
interface ShapeSteps
{
    /** @return non-empty-list<Step> in any order: milestones and parts put them into theirs */
    public function of(Design $design): array;
}
