<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Scene;

/** Two filters in series behind the fan: a coarse one in front of a fine one, or two alike. */
final readonly class StackedPanel implements Shape
{
    use UsualShape;

    public function id(): string
    {
        return 'stacked-panel';
    }

    public function name(): string
    {
        return 'Stacked panel';
    }

    public function description(): string
    {
        return 'Two filters one behind the other: a coarse one spares the fine one, or two alike catch more of less air.';
    }

    public function options(): array
    {
        return [Collar::option(true), Footing::option()];
    }

    /** Two alike where no pre-filter is named. */
    public function drawsFromAround(): bool
    {
        return false;
    }

    public function filterCount(Design $design): int
    {
        return $design->prefilter === null ? 2 : 1;
    }

    public function assemble(Design $design): Assembly
    {
        return $this->panel($design)->assembly(
            $design->prefilter === null ? ['Two alike in series take the drop twice: a coarse one in front of a fine one costs less flow.'] : [],
        );
    }

    public function scene(Design $design): Scene
    {
        return $this->panel($design)->scene();
    }

    public function size(Design $design): Size
    {
        return $this->panel($design)->size();
    }

    /** @throws DoesNotFit */
    public function panel(Design $design): PanelBehindFan
    {
        return PanelBehindFan::of($design, PanelBehindFan::stack($design, $design->prefilter ?? $design->filter));
    }
}
