<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What holds for most shapes: they pull, stand by themselves, have one fan and nothing to choose. */
trait UsualShape
{
    /** @return list<ShapeOption> */
    public function options(): array
    {
        return [];
    }

    public function usualDirection(): Direction
    {
        return Direction::Pull;
    }

    public function stands(): bool
    {
        return true;
    }

    public function fanCount(Design $design): int
    {
        return 1;
    }
}
