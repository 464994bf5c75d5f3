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

    /** @return non-empty-list<array<string, string>> every choice of every option with every other */
    public function ways(): array
    {
        $ways = [[]];
        foreach ($this->options() as $option) {
            $more = [];
            foreach ($option->isOfTheRoom ? [] : $ways as $way) {
                foreach (array_keys($option->choices) as $choice) {
                    $more[] = $way + [$option->id => (string) $choice];
                }
            }
            $ways = $more === [] ? $ways : $more;
        }

        return $ways;
    }

    public function base(): ?string
    {
        return null;
    }

    public function usualDirection(): Direction
    {
        return Direction::Pull;
    }

    public function stands(): bool
    {
        return true;
    }

    public function needsWindow(): bool
    {
        return false;
    }

    public function fanCount(Design $design): int
    {
        return 1;
    }
}
