<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** The register of shapes: a new shape is its class and one line here. */
final class Shapes
{
    /** @return array<string, Shape> by id */
    public static function all(): array
    {
        $all = [];
        foreach ([
            new FlatPanel,
            new StackedPanel,
            new Wedge,
            new Cube,
            new RaisedCube,
            new TallBox,
            new ArrayBox,
            new SlimTower,
            new Tote,
            new Ring,
            new Bucket,
            new Drawer,
            new DuctBox,
            new WindowInsert,
            new MaskSheet,
        ] as $shape) {
            $all[$shape->id()] = $shape;
        }

        return $all;
    }

    /** @throws UnknownShape */
    public static function get(string $id, string $field = 'unit.shape'): Shape
    {
        $all = self::all();

        return $all[$id] ?? throw UnknownShape::named($field, $id, array_keys($all));
    }
}
