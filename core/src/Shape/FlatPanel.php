<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Scene;

/** One filter behind the fan, where the air enters. */
final readonly class FlatPanel implements Shape
{
    use UsualShape;

    public function id(): string
    {
        return 'flat-panel';
    }

    public function name(): string
    {
        return 'Flat panel';
    }

    public function description(): string
    {
        return 'One filter on the back of the fan. A few minutes of taping, cheap, light; cleans the least air.';
    }

    public function options(): array
    {
        return [Collar::option(true), Footing::option()];
    }

    public function drawsFromAround(): bool
    {
        return false;
    }

    public function filterCount(Design $design): int
    {
        return 1;
    }

    public function assemble(Design $design): Assembly
    {
        return $this->panel($design)->assembly();
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
        return PanelBehindFan::of($design, $design->prefilter === null ? [$design->filter] : PanelBehindFan::stack($design, $design->prefilter));
    }
}
