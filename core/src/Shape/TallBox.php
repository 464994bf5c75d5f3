<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;

/** Four rectangular filters standing on end, the fan on a panel with a round hole, on top of it or hanging below. */
final readonly class TallBox implements Shape
{
    use UsualShape;

    /** Height over width from which four frames are called tall (assumed). */
    private const TALL = 1.1;

    /** How far a sheet on the carpet stands out beyond the walls on every side, m (assumed). */
    private const BEYOND = 0.03;

    public function id(): string
    {
        return 'tall-box';
    }

    public function name(): string
    {
        return 'Tall box of four';
    }

    public function description(): string
    {
        return 'Four long filters standing on end: much area on little floor, a round fan on or under the cover.';
    }

    public function options(): array
    {
        return [
            new ShapeOption('fan-seat', 'Where the fan sits', ['on-top' => 'On the cover', 'hanging' => 'Hanging below the rim, tied to a cover that lifts off'], 'on-top'),
            new ShapeOption('base', 'Base', ['panel' => 'Panel', 'floor' => 'Open on a smooth clean floor', 'sheet' => 'A corrugated plastic sheet on carpet'], 'panel'),
            HangingFan::option(),
            FanInCarton::option(),
            Sheet::option(),
        ];
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return 4;
    }

    public function assemble(Design $design): Assembly
    {
        $walls = $this->walls($design);
        $base = $this->sheetBelow($design);
        [$below, $gap] = match ($design->option('base')) {
            'floor' => ['floor', Seam::RESTING],
            'sheet' => ['sheet on the carpet', Seam::RESTING],
            default => ['base', null],
        };

        return BoxFan::assembly($walls, $this->mountOn($design, $walls), $below, $gap, $walls->faces(), $base === null ? [] : [BasePlate::panel($walls->top(), $base, $this->beyond($design))]);
    }

    public function scene(Design $design): Scene
    {
        $walls = $this->walls($design);
        $base = $this->sheetBelow($design);

        $beyond = $this->beyond($design);
        $scene = BoxScene::of($walls, $this->mountOn($design, $walls), $base === null ? [] : [BasePlate::solid($walls->top(), $base, $beyond)], $base?->thickness() ?? 0.0);

        return $beyond === 0.0 ? $scene : $scene->movedBy(new Point($beyond, $beyond, 0.0))->withExtents($this->size($design)->extents());
    }

    public function size(Design $design): Size
    {
        $walls = $this->walls($design);

        $size = BoxScene::size($walls, $this->mountOn($design, $walls), $this->sheetBelow($design)?->thickness() ?? 0.0);
        $beyond = 2.0 * $this->beyond($design);

        return new Size(max($size->width, $walls->top()->width + $beyond), max($size->depth, $walls->top()->depth + $beyond), $size->height);
    }

    /** How far the sheet under it stands out, m. */
    private function beyond(Design $design): float
    {
        return $design->option('base') === 'sheet' ? self::BEYOND : 0.0;
    }

    /** What lies under the walls; null where they stand on the floor. */
    private function sheetBelow(Design $design): ?Sheet
    {
        return match ($design->option('base')) {
            'floor' => null,
            'sheet' => Sheet::CorrugatedPlastic,
            default => Sheet::of($design),
        };
    }

    /** @throws DoesNotFit */
    private function walls(Design $design): FourWalls
    {
        $filter = $design->filter;
        if ($filter->isFramed() && max($filter->width, $filter->height) < self::TALL * min($filter->width, $filter->height)) {
            throw DoesNotFit::notTall($filter);
        }

        return FourWalls::of($design, min($filter->width, $filter->height), max($filter->width, $filter->height));
    }

    /**
     * How its fan closes the top.
     *
     * @throws DoesNotFit
     */
    public function mount(Design $design): FanMount
    {
        return $this->mountOn($design, $this->walls($design));
    }

    /** @throws DoesNotFit */
    private function mountOn(Design $design, FourWalls $walls): FanMount
    {
        return $design->option('fan-seat') === 'hanging' ? HangingFan::of($design, $walls->top()) : BoxFan::of($design, $walls->top());
    }
}
