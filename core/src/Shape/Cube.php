<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Scene;

/** Four square filters on a base panel, the fan on top; or eight half as high, two on each side. */
final readonly class Cube implements Shape
{
    use UsualShape;

    /** How far the sides of a wall may differ and still be called square, m (assumed: 1 in). */
    private const SQUARE = 0.0254;

    public function id(): string
    {
        return 'cube';
    }

    public function name(): string
    {
        return 'Cube of four';
    }

    public function description(): string
    {
        return 'Four filters in a square, a carton base, the fan on top blowing up. The usual choice for a room.';
    }

    public function options(): array
    {
        return [
            Layout::option(),
            new ShapeOption('per-side', 'Filters on each side', ['1' => 'One', '2' => 'Two half as high, eight in all'], '1'),
            FanInCarton::option(),
            Sheet::option(),
        ];
    }

    public function base(): string
    {
        return 'A plate';
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return 4 * $design->number('per-side');
    }

    public function assemble(Design $design): Assembly
    {
        $walls = $this->walls($design);
        $mount = BoxFan::of($design, $walls->top());

        return BoxFan::assembly($walls, $mount, 'base', null, $walls->faces(), [BasePlate::panel($walls->top(), Sheet::of($design))]);
    }

    public function scene(Design $design): Scene
    {
        $walls = $this->walls($design);
        $sheet = Sheet::of($design);

        return BoxScene::of($walls, BoxFan::of($design, $walls->top()), [BasePlate::solid($walls->top(), $sheet)], $sheet->thickness());
    }

    public function size(Design $design): Size
    {
        $walls = $this->walls($design);

        return BoxScene::size($walls, BoxFan::of($design, $walls->top()), Sheet::of($design)->thickness());
    }

    /** @throws DoesNotFit */
    /**
     * How its fan closes the top.
     *
     * @throws DoesNotFit
     */
    public function mount(Design $design): FanMount
    {
        return BoxFan::of($design, $this->walls($design)->top());
    }

    private function walls(Design $design): FourWalls
    {
        $filter = $design->filter;
        $rows = $design->number('per-side');
        [$across, $up] = [max($filter->width, $filter->height), min($filter->width, $filter->height)];
        if ($filter->isFramed() && abs($across - $rows * $up) > self::SQUARE) {
            throw $rows === 1 ? DoesNotFit::notSquare($filter, $design->shape) : DoesNotFit::notHalf($filter);
        }

        return FourWalls::of($design, $across, $up, Layout::from($design->option('layout')), $rows);
    }
}
