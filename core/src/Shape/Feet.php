<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** Four feet at the corners of what stands on them. */
final class Feet
{
    /** Clear height under a filter that draws from below, m (at least 10 cm; assumed). */
    public const HEIGHT = 0.1;

    private const SIDE = 0.05;

    /** @return non-empty-list<Solid> */
    public static function solids(float $width, float $depth, float $height = self::HEIGHT): array
    {
        return array_map(function (array $corner) use ($width, $depth, $height): Solid {
            $x = $corner[0] * ($width - self::SIDE);
            $y = $corner[1] * ($depth - self::SIDE);

            return Solid::box('feet', 'foot', new Point($x, $y, 0.0), new Point($x + self::SIDE, $y + self::SIDE, $height));
        }, [[0, 0], [1, 0], [0, 1], [1, 1]]);
    }
}
