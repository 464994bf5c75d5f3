<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Media folded into a pleated filter: about 2 n d H for n pleats of depth d along a height H. */
final class MediaArea
{
    /**
     * @param  float  $width  across the pleats, m, above 0
     * @param  float  $height  along the pleats, m, above 0
     * @param  float  $depth  of a pleat, m, above 0
     * @param  float  $pitch  from pleat to pleat, m, above 0
     * @return float m2
     */
    public static function of(float $width, float $height, float $depth, float $pitch): float
    {
        return 2.0 * ($width / $pitch) * $depth * $height;
    }
}
