<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/**
 * The smallest convex polygon around points of a plane.
 *
 * Method: monotone chain, Andrew, "Another efficient algorithm for convex hulls in two dimensions", Information
 * Processing Letters 9 (1979).
 */
final class ConvexHull
{
    /**
     * @param  non-empty-list<PlanePoint>  $points
     * @return non-empty-list<PlanePoint>  anticlockwise, corners only
     */
    public static function of(array $points): array
    {
        usort($points, fn (PlanePoint $a, PlanePoint $b): int => [$a->x, $a->y] <=> [$b->x, $b->y]);
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));
        array_pop($lower);
        array_pop($upper);
        $hull = [...$lower, ...$upper];

        return $hull === [] ? [$points[0]] : $hull;
    }

    /**
     * @param  non-empty-list<PlanePoint>  $points
     * @return list<PlanePoint>
     */
    private static function chain(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            while (count($chain) >= 2 && PlanePoint::turn($chain[count($chain) - 2], $chain[count($chain) - 1], $point) <= 1e-12) {
                array_pop($chain);
            }
            $chain[] = $point;
        }

        return $chain;
    }
}
