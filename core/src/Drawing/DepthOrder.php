<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/**
 * The order in which convex solids that do not intersect can be drawn one over the other.
 *
 * Of two solids apart, some side of one of them has the other wholly beyond it; whether that side is turned to the
 * viewer tells which hides which. The pairs are then sorted topologically (Newell, Newell and Sancha 1972, for solids).
 */
final class DepthOrder
{
    private const TOUCH = 1e-7;

    /**
     * @param  list<Solid>  $solids
     * @return list<Solid>
     */
    public static function farthestFirst(array $solids, Point $towardsViewer): array
    {
        $count = count($solids);
        $extents = array_map(self::extent(...), $solids);
        $behind = array_fill(0, $count, []);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                $order = self::apart($extents[$i], $extents[$j], $towardsViewer) ?? self::compare($solids[$i], $solids[$j], $towardsViewer);
                if ($order < 0) {
                    $behind[$j][] = $i;
                } elseif ($order > 0) {
                    $behind[$i][] = $j;
                }
            }
        }
        $sorted = [];
        $state = array_fill(0, $count, 0);
        $visit = function (int $i) use (&$visit, &$state, &$sorted, $behind, $solids): void {
            if ($state[$i] !== 0) {
                return;
            }
            $state[$i] = 1;
            foreach ($behind[$i] as $j) {
                $visit($j);
            }
            $sorted[] = $solids[$i];
        };
        for ($i = 0; $i < $count; $i++) {
            $visit($i);
        }

        return $sorted;
    }

    /**
     * The same answer from the extents along the axes alone, which settles most pairs; null where they overlap.
     *
     * @param  array{list<float>, list<float>}  $a  lows and highs
     * @param  array{list<float>, list<float>}  $b
     */
    private static function apart(array $a, array $b, Point $towardsViewer): ?int
    {
        $orders = [];
        foreach ([$towardsViewer->x, $towardsViewer->y, $towardsViewer->z] as $axis => $facing) {
            if ($a[1][$axis] <= $b[0][$axis] + self::TOUCH) {
                $orders[] = 0.0 <=> $facing;
            } elseif ($b[1][$axis] <= $a[0][$axis] + self::TOUCH) {
                $orders[] = $facing <=> 0.0;
            }
        }

        return self::agreed($orders);
    }

    /**
     * Two planes between a pair that tell opposite orders mean that neither hides the other.
     *
     * @param  list<int>  $orders
     */
    private static function agreed(array $orders): ?int
    {
        return match (true) {
            $orders === [] => null,
            in_array(-1, $orders, true) && in_array(1, $orders, true), in_array(0, $orders, true) => 0,
            default => $orders[0],
        };
    }

    /** @return array{list<float>, list<float>} lows and highs along the axes, m */
    private static function extent(Solid $solid): array
    {
        $low = [INF, INF, INF];
        $high = [-INF, -INF, -INF];
        foreach ($solid->faces() as $face) {
            foreach ($face->corners as $corner) {
                foreach ([$corner->x, $corner->y, $corner->z] as $axis => $value) {
                    $low[$axis] = min($low[$axis], $value);
                    $high[$axis] = max($high[$axis], $value);
                }
            }
        }

        return [$low, $high];
    }

    /** Below zero when a is behind b, above zero when it is in front, zero when it does not matter. */
    private static function compare(Solid $a, Solid $b, Point $towardsViewer): int
    {
        $reversed = array_map(fn (int $order): int => -$order, self::beyond($b, $a, $towardsViewer));

        return self::agreed([...self::beyond($a, $b, $towardsViewer), ...$reversed]) ?? 0;
    }

    /**
     * For each side of a that has b wholly beyond it: -1 when that side faces the viewer, 1 when it faces away.
     *
     * @return list<int>
     */
    private static function beyond(Solid $a, Solid $b, Point $towardsViewer): array
    {
        $orders = [];
        foreach ($a->faces() as $face) {
            $normal = $face->normal();
            $offset = $normal->dot($face->corners[0]) - self::TOUCH * sqrt($normal->dot($normal));
            foreach ($b->faces() as $other) {
                foreach ($other->corners as $corner) {
                    if ($normal->dot($corner) < $offset) {
                        continue 3;
                    }
                }
            }
            $orders[] = 0.0 <=> $normal->dot($towardsViewer);
        }

        return $orders;
    }
}
