<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** The scene of four walls with something under them and a fan on top. */
final class BoxScene
{
    /**
     * @param  list<Solid>  $below  what the walls stand on
     * @param  float  $z  lower edge of the walls, m
     */
    public static function of(FourWalls $walls, FanOnTop $fan, array $below, float $z): Scene
    {
        $top = $z + $walls->height();

        return new Scene(
            [...$below, ...$walls->solids($z), ...$fan->solids($top)],
            [...$walls->arrows($z), ...$fan->arrows($top)],
            [...$walls->anchors($z), ...$fan->anchors($top)],
            Extent::box($walls->top()->width, $walls->top()->depth, $top + $fan->height()),
        );
    }
}
