<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/** A polygon in the plane by its corners, one after the other. What asks for an inside is meant for one that is anticlockwise and does not cross itself. */
final readonly class Polygon
{
    /** @param  non-empty-list<PlanePoint>  $corners  m */
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
            $sum += $from->x * $to->y - $to->x * $from->y;
        }

        return $sum / 2.0;
    }

    /** @return PlanePoint m; it may lie outside */
    public function centroid(): PlanePoint
    {
        $x = $y = 0.0;
        $count = count($this->corners);
        foreach ($this->corners as $i => $from) {
            $to = $this->corners[($i + 1) % $count];
            $cross = $from->x * $to->y - $to->x * $from->y;
            $x += ($from->x + $to->x) * $cross;
            $y += ($from->y + $to->y) * $cross;
        }

        return new PlanePoint($x / (6.0 * $this->area()), $y / (6.0 * $this->area()));
    }

    /** Whether a point lies inside (ray casting). */
    public function contains(PlanePoint $point): bool
    {
        $inside = false;
        $count = count($this->corners);
        foreach ($this->corners as $i => $from) {
            $to = $this->corners[($i + 1) % $count];
            if (($from->y > $point->y) !== ($to->y > $point->y) && $point->x < ($to->x - $from->x) * ($point->y - $from->y) / ($to->y - $from->y) + $from->x) {
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

    /** @param  list<int>  $left */
    private function isEar(int $a, int $b, int $c, array $left): bool
    {
        $turn = fn (int $p, int $q, int $r): float => PlanePoint::turn($this->corners[$p], $this->corners[$q], $this->corners[$r]);
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

    /** Whether two sides have a point in common; two on one line only where they lie over each other. */
    private static function meet(PlanePoint $a, PlanePoint $b, PlanePoint $c, PlanePoint $d): bool
    {
        [$abc, $abd, $cda, $cdb] = [PlanePoint::turn($a, $b, $c), PlanePoint::turn($a, $b, $d), PlanePoint::turn($c, $d, $a), PlanePoint::turn($c, $d, $b)];
        if ($abc * $abd > 0.0 || $cda * $cdb > 0.0) {
            return false;
        }

        return max($a->x, $b->x) >= min($c->x, $d->x) && max($c->x, $d->x) >= min($a->x, $b->x)
            && max($a->y, $b->y) >= min($c->y, $d->y) && max($c->y, $d->y) >= min($a->y, $b->y);
    }
}
