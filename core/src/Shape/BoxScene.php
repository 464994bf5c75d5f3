<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** The scene of four walls with something under them and a fan on top. */
final class BoxScene
{
    /**
     * @param  list<Solid>  $below  what the walls stand on
     * @param  float  $z  lower edge of the walls, m
     */
    public static function of(FourWalls $walls, FanMount $fan, array $below, float $z): Scene
    {
        $top = $z + $walls->height();

        return new Scene(
            [...$below, ...$walls->solids($z), ...$fan->solids($top)],
            [...$walls->arrows($z), ...$fan->arrows($top)],
            [...$walls->anchors($z), ...$fan->anchors($top), ...self::under($below, $walls->top()->width, $z)],
            // Width and depth of the base and the cover that are cut: a fan may stand out over them.
            Extent::box($walls->top()->width, $walls->top()->depth, $top + $fan->height()),
        );
    }

    /** @param  float  $z  lower edge of the walls, m */
    public static function size(FourWalls $walls, FanMount $fan, float $z): Size
    {
        return new Size(...$fan->outside(), height: $z + $walls->height() + $fan->height());
    }

    /**
     * What closes the box below is so thin that it is told by a label.
     *
     * @param  list<Solid>  $below
     * @return list<Anchor>
     */
    private static function under(array $below, float $width, float $z): array
    {
        $parts = array_map(fn (Solid $solid): string => $solid->part, $below);

        return array_map(
            fn (string $part): Anchor => new Anchor($part, new Point($width * 0.22, 0.0, $z - Panel::THICKNESS / 2.0)),
            array_values(array_intersect(['base', 'face-5'], $parts)),
        );
    }
}
