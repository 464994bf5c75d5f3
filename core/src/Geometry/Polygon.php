<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/** A polygon in the plane by its corners, one after the other. What asks for an inside is meant for one that is anticlockwise and does not cross itself. */
final readonly class Polygon
{
    /** @param  non-empty-list<array{float, float}>  $corners  m */
    public function __construct(public array $corners)
    {
    }

    /**
     * Shoelace formula.
     *
     * @return float m2; below 0 where the corners run clockwise
     */
    public function area(): float
    {
        $sum = 0.0;
        $count = count($this->corners);
        foreach ($this->corners as $i => $from) {
            $to = $this->corners[($i + 1) % $count];
            $sum += $from[0] * $to[1] - $to[0] * $from[1];
        }

        return $sum / 2.0;
    }

    /** @return array{float, float} centroid, m; it may lie outside */
    public function centroid(): array
    {
        $x = $y = 0.0;
        $count = count($this->corners);
        foreach ($this->corners as $i => $from) {
            $to = $this->corners[($i + 1) % $count];
            $cross = $from[0] * $to[1] - $to[0] * $from[1];
            $x += ($from[0] + $to[0]) * $cross;
            $y += ($from[1] + $to[1]) * $cross;
        }

        return [$x / (6.0 * $this->area()), $y / (6.0 * $this->area())];
    }

    /**
     * Whether a point lies inside (ray casting).
     *
     * @param  array{float, float}  $point  m
     */
    public function contains(array $point): bool
    {
        $inside = false;
        $count = count($this->corners);
        foreach ($this->corners as $i => [$x1, $y1]) {
            [$x2, $y2] = $this->corners[($i + 1) % $count];
            if (($y1 > $point[1]) !== ($y2 > $point[1]) && $point[0] < ($x2 - $x1) * ($point[1] - $y1) / ($y2 - $y1) + $x1) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /**
     * Triangles that it is cut into by ear clipping (Meisters, "Polygons have ears", American Mathematical Monthly 82, 1975).
     *
     * @return list<array{int, int, int}> by number of the corner
     */
    public function triangles(): array
    {
        $left = array_keys($this->corners);
        $triangles = [];
        while (count($left) > 3) {
            $count = count($left);
            $clipped = false;
            for ($i = 0; $i < $count; $i++) {
                [$a, $b, $c] = [$left[($i + $count - 1) % $count], $left[$i], $left[($i + 1) % $count]];
                if ($this->isEar($a, $b, $c, $left)) {
                    $triangles[] = [$a, $b, $c];
                    array_splice($left, $i, 1);
                    $clipped = true;
                    break;
                }
            }
            if (! $clipped) {
                break;
            }
        }

        return [...$triangles, [$left[0], $left[1], $left[2]]];
    }

    public function crossesItself(): bool
    {
        $count = count($this->corners);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 2; $j < $count; $j++) {
                if ($i === 0 && $j === $count - 1) {
                    continue;
                }
                [$a, $b, $c, $d] = [$this->corners[$i], $this->corners[($i + 1) % $count], $this->corners[$j], $this->corners[($j + 1) % $count]];
                if (self::meet($a, $b, $c, $d)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Twice the area of a triangle.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @return float above 0 where the way from a over b to c turns left
     */
    public static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }

    /** @param  list<int>  $left */
    private function isEar(int $a, int $b, int $c, array $left): bool
    {
        $turn = fn (int $p, int $q, int $r): float => self::turn($this->corners[$p], $this->corners[$q], $this->corners[$r]);
        if ($turn($a, $b, $c) < 0.0) {
            return false;
        }
        foreach ($left as $p) {
            if ($p !== $a && $p !== $b && $p !== $c && $turn($a, $b, $p) > 0.0 && $turn($b, $c, $p) > 0.0 && $turn($c, $a, $p) > 0.0) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether two sides have a point in common; two on one line only where they lie over each other.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function meet(array $a, array $b, array $c, array $d): bool
    {
        [$abc, $abd, $cda, $cdb] = [self::turn($a, $b, $c), self::turn($a, $b, $d), self::turn($c, $d, $a), self::turn($c, $d, $b)];
        if ($abc * $abd > 0.0 || $cda * $cdb > 0.0) {
            return false;
        }
        foreach ([0, 1] as $axis) {
            if (max($a[$axis], $b[$axis]) < min($c[$axis], $d[$axis]) || max($c[$axis], $d[$axis]) < min($a[$axis], $b[$axis])) {
                return false;
            }
        }

        return true;
    }
}
