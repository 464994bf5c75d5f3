<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** The scene of four walls with something under them and a fan on top. */
final class BoxScene
{
    /**
     * @param  list<Solid>  $below  what the walls stand on
     * @param  float  $z  lower edge of the walls, m
     * @param  float  $top  upper edge of the walls, m
     */
    public static function of(FourWalls $walls, FanOnTop $fan, array $below, float $z, float $top): Scene
    {
        $side = $walls->pinwheel->outside();
        $right = new Point(1.0, 0.0, 0.0);
        $front = new Point(0.0, -1.0, 0.0);

        return new Scene(
            [...$below, ...$walls->solids($z), ...$fan->solids($top)],
            [...$walls->arrows($z), ...$fan->arrows($top)],
            [...$walls->anchors($z), ...$fan->anchors($top)],
            [
                new Extent('width', new Point(0.0, 0.0, 0.0), new Point($side, 0.0, 0.0), $front),
                new Extent('depth', new Point($side, 0.0, 0.0), new Point($side, $side, 0.0), $right),
                new Extent('height', new Point($side, $side, 0.0), new Point($side, $side, $top + $fan->height()), $right),
            ],
        );
    }
}
