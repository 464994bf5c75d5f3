<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Geometry\Wall;

/** A room's floor by its corners, with the height of the ceiling over each of them. */
final readonly class Outline
{
    private Polygon $floor;

    /** @var list<array{int, int, int}> that the floor is cut into, by number of the corner */
    private array $triangles;

    /** m2 */
    private float $area;

    /** With what is built in, m3. */
    private float $gross;

    /**
     * @param  non-empty-list<PlanePoint>  $corners  anticlockwise, m
     * @param  non-empty-list<float>  $heights  of the ceiling over each, m
     * @param  float  $builtIns  solid things that take room, m3
     */
    private function __construct(public array $corners, public array $heights, private float $builtIns)
    {
        $this->floor = new Polygon($corners);
        $this->triangles = $this->floor->triangles();
        $this->area = $this->floor->area();
        $gross = 0.0;
        foreach ($this->triangles as [$a, $b, $c]) {
            $gross += PlanePoint::turn($corners[$a], $corners[$b], $corners[$c]) / 2.0 * ($heights[$a] + $heights[$b] + $heights[$c]) / 3.0;
        }
        $this->gross = $gross;
    }

    /**
     * @param  list<PlanePoint>  $corners  one after the other in either sense, three or more, m
     * @param  list<float>  $heights  one for each corner, or a single one, m, above 0
     * @param  float  $builtIns  m3, zero or more
     *
     * @throws InvalidPlan when it crosses itself, encloses nothing, or the built-ins fill it
     */
    public static function of(array $corners, array $heights, float $builtIns = 0.0): self
    {
        if (count($corners) < 3) {
            throw InvalidPlan::outline('room.outline', 'A floor has three corners or more.');
        }
        if (count($heights) === 1) {
            $heights = array_fill(0, count($corners), $heights[0]);
        }
        if (count($heights) !== count($corners)) {
            throw InvalidPlan::outline('room.ceiling', 'Give one height for all corners, or one for each of them.');
        }
        if ((new Polygon($corners))->area() < 0.0) {
            $corners = array_reverse($corners);
            $heights = array_reverse($heights);
        }
        $floor = new Polygon($corners);
        if ($floor->crossesItself() || $floor->area() < 1e-9) {
            throw InvalidPlan::outline('room.outline', 'The walls cross each other or enclose no floor.');
        }
        $outline = new self($corners, $heights, $builtIns);
        if ($outline->volume() <= 0.0) {
            throw InvalidPlan::outline('room.built_ins', 'The built-ins leave no air in the room.');
        }

        return $outline;
    }

    /** @return float m2 */
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
                PlanePoint::turn($p, $q, $r),
                hypot($u * ($r->y - $p->y) - $v * ($q->y - $p->y), $u * ($r->x - $p->x) - $v * ($q->x - $p->x)),
            ) / 2.0;
        }

        return $surface;
    }

    /**
     * A point well inside: where the floor would balance, or, where that lies outside, the middle of the largest of the
     * triangles that it is cut into.
     *
     * @return PlanePoint m
     */
    public function middle(): PlanePoint
    {
        $largest = 0.0;
        $middle = $this->corners[0];
        foreach ($this->triangles as [$a, $b, $c]) {
            [$p, $q, $r] = [$this->corners[$a], $this->corners[$b], $this->corners[$c]];
            if (PlanePoint::turn($p, $q, $r) > $largest) {
                $largest = PlanePoint::turn($p, $q, $r);
                $middle = new PlanePoint(($p->x + $q->x + $r->x) / 3.0, ($p->y + $q->y + $r->y) / 3.0);
            }
        }

        $centroid = $this->floor->centroid();

        return $this->contains($centroid) ? $centroid : $middle;
    }

    /** @return non-empty-list<Wall> the one that begins at the first corner first */
    public function walls(): array
    {
        $count = count($this->corners);

        return array_map(fn (int $i): Wall => new Wall(
            $this->corners[$i], $this->corners[($i + 1) % $count], [$this->heights[$i], $this->heights[($i + 1) % $count]],
        ), array_keys($this->corners));
    }

    /** Whether a point lies within the walls. */
    public function contains(PlanePoint $point): bool
    {
        return $this->floor->contains($point);
    }
}
