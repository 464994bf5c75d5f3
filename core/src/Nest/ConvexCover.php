<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Jornel\Core\Geometry\ConvexHull;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;

/**
 * A polygon covered by few convex pieces: cut into trapezoids at the heights of its corners, neighbours put together as long
 * as their hull holds hardly more than they do. A convex polygon is its own cover.
 */
final class ConvexCover
{
    /** What a hull may hold besides, as a share of the polygon's extent. */
    private const BESIDE = 0.004;

    /** Edges of a convex piece at the most. */
    private const EDGES = 16;

    /** Boxes that a slanting piece is covered with, one above the other. */
    private const BOXES = 6;

    /** Levels between which boxes within a polygon are looked for. */
    private const LEVELS = 10;

    /**
     * @param  non-empty-list<array{float, float}>  $corners  anticlockwise, m
     * @return non-empty-list<non-empty-list<array{float, float}>>
     */
    public static function of(array $corners): array
    {
        if (self::isConvex($corners)) {
            return [$corners];
        }
        $ys = array_values(array_unique(array_map(fn (float $y): string => sprintf('%.7f', $y), array_column($corners, 1))));
        sort($ys, SORT_NUMERIC);
        $allowed = self::BESIDE * (max(array_column($corners, 0)) - min(array_column($corners, 0))) * ((float) end($ys) - (float) $ys[0]);
        /** @var list<array{points: non-empty-list<array{float, float}>, area: float, left: float, right: float, top: float}> $chains */
        $chains = [];
        for ($i = 0; $i + 1 < count($ys); $i++) {
            [$low, $high] = [(float) $ys[$i], (float) $ys[$i + 1]];
            foreach (self::trapezoids($corners, $low, $high) as [$a, $b, $c, $d]) {
                $points = [[$a, $low], [$b, $low], [$d, $high], [$c, $high]];
                $area = ($b - $a + $d - $c) / 2.0 * ($high - $low);
                $joined = false;
                foreach ($chains as $number => $chain) {
                    if (abs($chain['top'] - $low) < 1e-9 && $chain['left'] < $b && $chain['right'] > $a) {
                        $all = [...$chain['points'], ...$points];
                        if (self::hullArea($all) - $chain['area'] - $area <= $allowed) {
                            $chains[$number] = ['points' => $all, 'area' => $chain['area'] + $area, 'left' => $c, 'right' => $d, 'top' => $high];
                            $joined = true;
                            break;
                        }
                    }
                }
                if (! $joined) {
                    $chains[] = ['points' => $points, 'area' => $area, 'left' => $c, 'right' => $d, 'top' => $high];
                }
            }
        }

        return $chains === [] ? [self::hull($corners)] : array_map(fn (array $chain): array => self::hull($chain['points']), $chains);
    }

    /** @param  non-empty-list<PlanePoint>  $corners  anticlockwise */
    public static function isConvexOf(array $corners): bool
    {
        return self::isConvex(array_map(fn (PlanePoint $at): array => $at->toArray(), $corners));
    }

    /**
     * A convex polygon with few edges around one with many, as of a circle: the shortest edge goes and its neighbours are drawn
     * on until they meet.
     *
     * @param  non-empty-list<array{float, float}>  $corners  anticlockwise
     * @return non-empty-list<array{float, float}>
     */
    public static function coarser(array $corners): array
    {
        while (($count = count($corners)) > self::EDGES) {
            $best = null;
            foreach ($corners as $i => [$bx, $by]) {
                [$ax, $ay] = $corners[($i + $count - 1) % $count];
                [$cx, $cy] = $corners[($i + 1) % $count];
                [$dx, $dy] = $corners[($i + 2) % $count];
                [$ux, $uy, $vx, $vy] = [$bx - $ax, $by - $ay, $cx - $dx, $cy - $dy];
                $cross = $ux * $vy - $uy * $vx;
                if (abs($cross) < 1e-15) {
                    continue;
                }
                $share = (($cx - $bx) * $vy - ($cy - $by) * $vx) / $cross;
                $meet = [$bx + $share * $ux, $by + $share * $uy];
                $added = abs(($cx - $bx) * ($meet[1] - $by) - ($cy - $by) * ($meet[0] - $bx));
                if ($share >= 0.0 && ($best === null || $added < $best[0])) {
                    $best = [$added, $i, $meet];
                }
            }
            if ($best === null) {
                break;
            }
            [, $i, $meet] = $best;
            $corners[$i] = $meet;
            unset($corners[($i + 1) % $count]);
            /** @var non-empty-list<array{float, float}> $corners */
            $corners = array_values($corners);
        }

        return $corners;
    }

    /**
     * Boxes that cover convex pieces.
     *
     * @param  non-empty-list<non-empty-list<array{float, float}>>  $pieces
     * @return list<array{float, float, float, float}>
     */
    public static function boxes(array $pieces): array
    {
        $boxes = [];
        foreach ($pieces as $piece) {
            $ys = array_column($piece, 1);
            [$low, $high] = [min($ys), max($ys)];
            $count = max(1, (int) ceil(self::BOXES / count($pieces)));
            for ($i = 0; $i < $count; $i++) {
                [$from, $to] = [$low + ($high - $low) * $i / $count, $low + ($high - $low) * ($i + 1) / $count];
                [$left, $right] = self::extent($piece, $from, $to);
                if ($right > $left) {
                    $boxes[] = [$left, $from, $right, $to];
                }
            }
        }

        return $boxes;
    }

    /**
     * Boxes within a convex polygon, from every level to every other.
     *
     * @param  non-empty-list<array{float, float}>  $polygon
     * @return list<array{float, float, float, float}>
     */
    public static function inner(array $polygon): array
    {
        $ys = array_column($polygon, 1);
        [$low, $high] = [min($ys), max($ys)];
        $levels = array_map(fn (int $i): float => $low + ($high - $low) * $i / self::LEVELS, range(0, self::LEVELS));
        $widths = array_map(fn (float $y): ?array => self::chord($polygon, $y), $levels);
        $boxes = [];
        for ($i = 0; $i < self::LEVELS; $i++) {
            for ($j = $i + 1; $j <= self::LEVELS; $j++) {
                if ($widths[$i] !== null && $widths[$j] !== null) {
                    $boxes[] = [max($widths[$i][0], $widths[$j][0]), $levels[$i], min($widths[$i][1], $widths[$j][1]), $levels[$j]];
                }
            }
        }

        return array_values(array_filter($boxes, fn (array $box): bool => $box[2] > $box[0]));
    }

    /**
     * How far a convex piece reaches to the left and right between two heights.
     *
     * @param  list<array{float, float}>  $piece
     * @return array{float, float}
     */
    private static function extent(array $piece, float $from, float $to): array
    {
        [$left, $right] = [INF, -INF];
        $count = count($piece);
        foreach ($piece as $i => [$x, $y]) {
            [$u, $v] = $piece[($i + 1) % $count];
            if ($y >= $from && $y <= $to) {
                [$left, $right] = [min($left, $x), max($right, $x)];
            }
            foreach ([$from, $to] as $at) {
                if (($y - $at) * ($v - $at) < 0.0) {
                    $cut = $x + ($u - $x) * ($at - $y) / ($v - $y);
                    [$left, $right] = [min($left, $cut), max($right, $cut)];
                }
            }
        }

        return [$left, $right];
    }

    /**
     * What of a polygon lies between two heights with no corner between them: left and right below, left and right above.
     *
     * @param  non-empty-list<array{float, float}>  $corners
     * @return list<array{float, float, float, float}>
     */
    private static function trapezoids(array $corners, float $low, float $high): array
    {
        $middle = ($low + $high) / 2.0;
        $edges = [];
        $count = count($corners);
        foreach ($corners as $i => [$x, $y]) {
            [$u, $v] = $corners[($i + 1) % $count];
            if (($y > $middle) !== ($v > $middle)) {
                $at = fn (float $height): float => $x + ($u - $x) * ($height - $y) / ($v - $y);
                $edges[] = [$at($middle), $at($low), $at($high)];
            }
        }
        sort($edges);
        $trapezoids = [];
        for ($i = 0; $i + 1 < count($edges); $i += 2) {
            $trapezoids[] = [$edges[$i][1], $edges[$i + 1][1], $edges[$i][2], $edges[$i + 1][2]];
        }

        return $trapezoids;
    }

    /** @param  non-empty-list<array{float, float}>  $corners */
    private static function isConvex(array $corners): bool
    {
        $count = count($corners);
        for ($i = 0; $i < $count; $i++) {
            [[$ax, $ay], [$bx, $by], [$cx, $cy]] = [$corners[$i], $corners[($i + 1) % $count], $corners[($i + 2) % $count]];
            if (($bx - $ax) * ($cy - $ay) - ($by - $ay) * ($cx - $ax) < -1e-12) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    public static function hull(array $points): array
    {
        return array_map(fn (PlanePoint $at): array => $at->toArray(), ConvexHull::of(PlanePoint::list($points)));
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    private static function hullArea(array $points): float
    {
        return (new Polygon(ConvexHull::of(PlanePoint::list($points))))->area();
    }

    /**
     * How far a convex polygon reaches at a height.
     *
     * @param  list<array{float, float}>  $polygon
     * @return array{float, float}|null
     */
    private static function chord(array $polygon, float $y): ?array
    {
        $xs = [];
        $count = count($polygon);
        foreach ($polygon as $i => [$ax, $ay]) {
            [$bx, $by] = $polygon[($i + 1) % $count];
            if (abs($ay - $y) < 1e-12) {
                $xs[] = $ax;
            } elseif (($ay - $y) * ($by - $y) < 0.0) {
                $xs[] = $ax + ($bx - $ax) * ($y - $ay) / ($by - $ay);
            }
        }

        return $xs === [] ? null : [min($xs), max($xs)];
    }
}
