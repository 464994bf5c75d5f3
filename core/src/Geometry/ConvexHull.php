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
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>  anticlockwise, corners only
     */
    public static function of(array $points): array
    {
        usort($points, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));
        array_pop($lower);
        array_pop($upper);
        $hull = [...$lower, ...$upper];

        return $hull === [] ? [$points[0]] : $hull;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function chain(array $points): array
    {
        $chain = [];
        foreach ($points as $point) {
            while (count($chain) >= 2 && self::turn($chain[count($chain) - 2], $chain[count($chain) - 1], $point) <= 1e-12) {
                array_pop($chain);
            }
            $chain[] = $point;
        }

        return $chain;
    }

    /**
     * Twice the signed area of a triangle: above zero when it turns left.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
