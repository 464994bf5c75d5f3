<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;

/** What holds for most shapes: they pull, stand by themselves, have one fan with its shaft lying and nothing to choose. */
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
            foreach ($ways as $way) {
                foreach ($option->searched() as $choice) {
                    $more[] = $way + [$option->id => $choice];
                }
            }
            $ways = $more === [] ? $ways : $more;
        }

        return $ways;
    }

    /** Of a collar: where there is nothing for it to close, and where it is left out although there is. */
    public function isNeedless(Design $design): bool
    {
        return match ($design->option('collar')) {
            '' => false,
            'collar', 'stand-off' => ! in_array('collar', array_column($design->assemble()->panels, 'id'), true),
            default => in_array(LeakKind::UncoveredRing, array_column($design->assemble()->openings, 'kind'), true),
        };
    }

    public function base(): ?string
    {
        return null;
    }

    public function usualDirection(): Direction
    {
        return Direction::Pull;
    }

    public function stand(Design $design): Stand
    {
        return Footing::of($design)?->stand() ?? Stand::Alone;
    }

    public function tipsSideways(): bool
    {
        return false;
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Horizontal;
    }

    /** @return array<string, float> */
    public function masses(Design $design): array
    {
        return [];
    }

    public function drawsFromAround(): bool
    {
        return true;
    }

    public function needsWindow(): bool
    {
        return false;
    }

    public function size(Design $design): Size
    {
        return Size::ofScene($this->scene($design));
    }

    public function fanCount(Design $design): int
    {
        return 1;
    }
}
