<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/**
 * Convex polygons added and taken from each other, point by point (Minkowski), as where a part may go follows from them:
 * its origin may lie anywhere but within the no-fit polygon of what lies there (Art, "An approach to the two dimensional
 * irregular cutting stock problem", IBM Cambridge Scientific Center 36.Y08, 1966).
 */
final class ConvexSum
{
    /**
     * Every point of one added to every point of the other.
     *
     * @param  list<array{float, float}>  $one  anticlockwise
     * @param  list<array{float, float}>  $other  anticlockwise
     * @return list<array{float, float}>  anticlockwise
     */
    public static function of(array $one, array $other): array
    {
        [$one, $other] = [self::fromLowest($one), self::fromLowest($other)];
        [$n, $m] = [count($one), count($other)];
        $sum = [];
        $i = $j = 0;
        while ($i < $n || $j < $m) {
            [$ax, $ay] = $one[$i % $n];
            [$bx, $by] = $other[$j % $m];
            $sum[] = [$ax + $bx, $ay + $by];
            [$cx, $cy] = $one[($i + 1) % $n];
            [$dx, $dy] = $other[($j + 1) % $m];
            // Edges of both in the order of their directions.
            $turn = ($cx - $ax) * ($dy - $by) - ($cy - $ay) * ($dx - $bx);
            $takesOne = $j >= $m || ($i < $n && $turn >= 0.0);
            $takesOther = $i >= $n || ($j < $m && $turn <= 0.0);
            $i += $takesOne ? 1 : 0;
            $j += $takesOther ? 1 : 0;
        }

        return $sum;
    }

    /**
     * Where the origin of something may lie so that it stays within a convex polygon.
     *
     * @param  list<array{float, float}>  $bound  anticlockwise
     * @param  list<array{float, float}>  $points  that must stay within
     * @return list<array{float, float}>  anticlockwise; empty where there is no room
     */
    public static function room(array $bound, array $points): array
    {
        $room = self::grown($bound, $points);
        $count = count($bound);
        foreach ($bound as $i => [$ax, $ay]) {
            [$bx, $by] = $bound[($i + 1) % $count];
            [$ex, $ey] = [$bx - $ax, $by - $ay];
            // Of all its points the one that reaches farthest out over this edge.
            $far = INF;
            foreach ($points as [$x, $y]) {
                $far = min($far, $ex * $y - $ey * $x);
            }
            $room = self::clipped($room, $ax, $ay, $ex, $ey, $far);
            if ($room === []) {
                return [];
            }
        }

        return $room;
    }

    /**
     * A convex polygon with so much taken off all round.
     *
     * @param  list<array{float, float}>  $bound  anticlockwise
     * @param  float  $by  m
     * @return list<array{float, float}>
     */
    public static function shrunk(array $bound, float $by): array
    {
        $room = $bound;
        $count = count($bound);
        foreach ($bound as $i => [$ax, $ay]) {
            [$bx, $to] = $bound[($i + 1) % $count];
            [$ex, $ey] = [$bx - $ax, $to - $ay];
            $room = self::clipped($room, $ax, $ay, $ex, $ey, -$by * hypot($ex, $ey));
        }

        return $room;
    }

    /**
     * What of a polygon lies to the left of an edge that is moved.
     *
     * @param  list<array{float, float}>  $room
     * @return list<array{float, float}>
     */
    private static function clipped(array $room, float $ax, float $ay, float $ex, float $ey, float $far): array
    {
        $kept = [];
        $count = count($room);
        $tiny = 1e-9 * hypot($ex, $ey);
        foreach ($room as $i => $from) {
            $to = $room[($i + 1) % $count];
            $u = $ex * ($from[1] - $ay) - $ey * ($from[0] - $ax) + $far;
            $v = $ex * ($to[1] - $ay) - $ey * ($to[0] - $ax) + $far;
            if ($u >= -$tiny) {
                $kept[] = $from;
            }
            if (($u > $tiny && $v < -$tiny) || ($u < -$tiny && $v > $tiny)) {
                $share = $u / ($u - $v);
                $kept[] = [$from[0] + $share * ($to[0] - $from[0]), $from[1] + $share * ($to[1] - $from[1])];
            }
        }

        return $kept;
    }

    /**
     * A box that is large enough for every place.
     *
     * @param  list<array{float, float}>  $bound
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function grown(array $bound, array $points): array
    {
        if ($bound === [] || $points === []) {
            return [];
        }
        [$xs, $ys, $us, $vs] = [array_column($bound, 0), array_column($bound, 1), array_column($points, 0), array_column($points, 1)];
        [$left, $right, $low, $high] = [min($xs) - max($us) - 1.0, max($xs) - min($us) + 1.0, min($ys) - max($vs) - 1.0, max($ys) - min($vs) + 1.0];

        return [[$left, $low], [$right, $low], [$right, $high], [$left, $high]];
    }

    /**
     * @param  list<array{float, float}>  $polygon
     * @return non-empty-list<array{float, float}>
     */
    private static function fromLowest(array $polygon): array
    {
        $lowest = 0;
        foreach ($polygon as $i => [$x, $y]) {
            if ($y < $polygon[$lowest][1] || ($y === $polygon[$lowest][1] && $x < $polygon[$lowest][0])) {
                $lowest = $i;
            }
        }
        $turned = [...array_slice($polygon, $lowest), ...array_slice($polygon, 0, $lowest)];

        return $turned === [] ? [[0.0, 0.0]] : $turned;
    }
}
