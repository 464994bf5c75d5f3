<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Room\Plan\Wall;

/** A room's floor by its corners, with the height of the ceiling over each of them. */
final readonly class Outline
{
    /** @var list<array{int, int, int}> that the floor is cut into, by number of the corner */
    private array $triangles;

    /** m2 */
    private float $area;

    /** With what is built in, m3. */
    private float $gross;

    /**
     * @param  non-empty-list<array{float, float}>  $corners  anticlockwise, m
     * @param  non-empty-list<float>  $heights  of the ceiling over each, m
     * @param  float  $builtIns  solid things that take room, m3
     */
    private function __construct(public array $corners, public array $heights, private float $builtIns)
    {
        $this->triangles = self::cut($corners);
        $this->area = self::shoelace($corners);
        $gross = 0.0;
        foreach ($this->triangles as [$a, $b, $c]) {
            $gross += self::shoelace([$corners[$a], $corners[$b], $corners[$c]]) * ($heights[$a] + $heights[$b] + $heights[$c]) / 3.0;
        }
        $this->gross = $gross;
    }

    /**
     * @param  list<array{float, float}>  $corners  one after the other in either sense, three or more, m
     * @param  list<float>  $heights  one for each corner, or a single one, m, above 0
     * @param  float  $builtIns  m3, zero or more
     *
     * @throws InvalidRoom when it crosses itself, encloses nothing, or the built-ins fill it
     */
    public static function of(array $corners, array $heights, float $builtIns = 0.0): self
    {
        if (count($corners) < 3) {
            throw InvalidRoom::outline('room.outline', 'A floor has three corners or more.');
        }
        if (count($heights) === 1) {
            $heights = array_fill(0, count($corners), $heights[0]);
        }
        if (count($heights) !== count($corners)) {
            throw InvalidRoom::outline('room.ceiling', 'Give one height for all corners, or one for each of them.');
        }
        if (self::shoelace($corners) < 0.0) {
            $corners = array_reverse($corners);
            $heights = array_reverse($heights);
        }
        if (self::crosses($corners) || self::shoelace($corners) < 1e-9) {
            throw InvalidRoom::outline('room.outline', 'The walls cross each other or enclose no floor.');
        }
        $outline = new self($corners, $heights, $builtIns);
        if ($outline->volume() <= 0.0) {
            throw InvalidRoom::outline('room.built_ins', 'The built-ins leave no air in the room.');
        }

        return $outline;
    }

    /**
     * Shoelace formula.
     *
     * @return float m2
     */
    public function area(): float
    {
        return $this->area;
    }

    /**
     * Floor times mean height, less what is built in. The ceiling is taken as flat over each triangle that the floor is
     * cut into, which is exact for a ceiling of one slope.
     *
     * @return float m3
     */
    public function volume(): float
    {
        return $this->gross - $this->builtIns;
    }

    /** @return float m */
    public function meanHeight(): float
    {
        return $this->gross / $this->area();
    }

    /**
     * Floor, ceiling and walls; a sloped ceiling by its true area over each triangle.
     *
     * @return float m2
     */
    public function surface(): float
    {
        $surface = $this->area();
        foreach ($this->walls() as $wall) {
            $surface += $wall->area();
        }
        foreach ($this->triangles as [$a, $b, $c]) {
            [$p, $q, $r] = [$this->corners[$a], $this->corners[$b], $this->corners[$c]];
            [$u, $v] = [$this->heights[$b] - $this->heights[$a], $this->heights[$c] - $this->heights[$a]];
            $surface += hypot(
                self::turn($p, $q, $r),
                hypot($u * ($r[1] - $p[1]) - $v * ($q[1] - $p[1]), $u * ($r[0] - $p[0]) - $v * ($q[0] - $p[0])),
            ) / 2.0;
        }

        return $surface;
    }

    /**
     * A point well inside: where the floor would balance, or, where that lies outside, the middle of the largest of the
     * triangles that it is cut into.
     *
     * @return array{float, float} m
     */
    public function middle(): array
    {
        $largest = 0.0;
        $middle = $this->corners[0];
        foreach ($this->triangles as [$a, $b, $c]) {
            [$p, $q, $r] = [$this->corners[$a], $this->corners[$b], $this->corners[$c]];
            if (self::turn($p, $q, $r) > $largest) {
                $largest = self::turn($p, $q, $r);
                $middle = [($p[0] + $q[0] + $r[0]) / 3.0, ($p[1] + $q[1] + $r[1]) / 3.0];
            }
        }

        $balance = $this->balance();

        return $this->contains($balance) ? $balance : $middle;
    }

    /** @return non-empty-list<Wall> the one that begins at the first corner first */
    public function walls(): array
    {
        $count = count($this->corners);

        return array_map(fn (int $i): Wall => new Wall(
            $this->corners[$i], $this->corners[($i + 1) % $count], [$this->heights[$i], $this->heights[($i + 1) % $count]],
        ), array_keys($this->corners));
    }

    /**
     * Whether a point lies within the walls (ray casting).
     *
     * @param  array{float, float}  $point  m
     */
    public function contains(array $point): bool
    {
        $inside = false;
        foreach ($this->walls() as $wall) {
            [[$x1, $y1], [$x2, $y2]] = [$wall->from, $wall->to];
            if (($y1 > $point[1]) !== ($y2 > $point[1]) && $point[0] < ($x2 - $x1) * ($point[1] - $y1) / ($y2 - $y1) + $x1) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /** @return array{float, float} m */
    private function balance(): array
    {
        $x = $y = 0.0;
        foreach ($this->walls() as $wall) {
            $cross = $wall->from[0] * $wall->to[1] - $wall->to[0] * $wall->from[1];
            $x += ($wall->from[0] + $wall->to[0]) * $cross;
            $y += ($wall->from[1] + $wall->to[1]) * $cross;
        }

        return [$x / (6.0 * $this->area()), $y / (6.0 * $this->area())];
    }

    /**
     * Ear clipping.
     *
     * @param  non-empty-list<array{float, float}>  $corners
     * @return list<array{int, int, int}> by number of the corner
     */
    private static function cut(array $corners): array
    {
        $left = array_keys($corners);
        $triangles = [];
        while (count($left) > 3) {
            $count = count($left);
            $clipped = false;
            for ($i = 0; $i < $count; $i++) {
                [$a, $b, $c] = [$left[($i + $count - 1) % $count], $left[$i], $left[($i + 1) % $count]];
                if (self::isEar($corners, $a, $b, $c, $left)) {
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

    /**
     * @param  non-empty-list<array{float, float}>  $corners
     * @param  list<int>  $left
     */
    private static function isEar(array $corners, int $a, int $b, int $c, array $left): bool
    {
        $turn = fn (int $p, int $q, int $r): float => self::turn($corners[$p], $corners[$q], $corners[$r]);
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

    /** @param  list<array{float, float}>  $corners */
    private static function shoelace(array $corners): float
    {
        $sum = 0.0;
        foreach ($corners as $i => $from) {
            $to = $corners[($i + 1) % count($corners)];
            $sum += $from[0] * $to[1] - $to[0] * $from[1];
        }

        return $sum / 2.0;
    }

    /** @param  list<array{float, float}>  $corners */
    private static function crosses(array $corners): bool
    {
        $count = count($corners);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 2; $j < $count; $j++) {
                if ($i === 0 && $j === $count - 1) {
                    continue;
                }
                [$a, $b, $c, $d] = [$corners[$i], $corners[($i + 1) % $count], $corners[$j], $corners[($j + 1) % $count]];
                if (self::meet($a, $b, $c, $d)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Whether two walls have a point in common; two on one line only where they lie over each other.
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

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     */
    private static function turn(array $a, array $b, array $c): float
    {
        return ($b[0] - $a[0]) * ($c[1] - $a[1]) - ($b[1] - $a[1]) * ($c[0] - $a[0]);
    }
}
