<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/** One wall of a room, from corner to corner with the room on its left. */
final readonly class Wall
{
    /** Below this, 1 + cos of the angle between two walls’ outward directions, a mitre would stand out too far. */
    private const SHARP = 0.2;

    /**
     * @param  PlanePoint  $from  m
     * @param  PlanePoint  $to  m
     * @param  array{float, float}  $heights  of the ceiling at its two ends, m
     */
    public function __construct(public PlanePoint $from, public PlanePoint $to, public array $heights)
    {
    }

    /** @return float m */
    public function length(): float
    {
        return $this->from->distanceTo($this->to);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->length() * ($this->heights[0] + $this->heights[1]) / 2.0;
    }

    /** @return PlanePoint of length 1 */
    public function direction(): PlanePoint
    {
        $length = $this->length();

        return new PlanePoint(($this->to->x - $this->from->x) / $length, ($this->to->y - $this->from->y) / $length);
    }

    /** @return PlanePoint out of the room, of length 1 */
    public function outwards(): PlanePoint
    {
        $along = $this->direction();

        return new PlanePoint($along->y, -$along->x);
    }

    /**
     * The place on it that is nearest to a point, with half a width kept free to both its ends where it is long enough.
     *
     * @return float from its beginning, m
     */
    public function along(PlanePoint $point, float $width = 0.0): float
    {
        $half = min($width, $this->length()) / 2.0;

        return min(max($point->minus($this->from)->dot($this->direction()), $half), $this->length() - $half);
    }

    /**
     * @param  float  $along  from its beginning, m
     * @return PlanePoint m
     */
    public function at(float $along): PlanePoint
    {
        return $this->from->plus($this->direction()->scaled($along));
    }

    /** @return float to the nearest place on it, m */
    public function distanceTo(PlanePoint $point): float
    {
        return $point->distanceTo($this->at($this->along($point)));
    }

    /** Whether two walls cross, ends not counted. */
    public function crosses(self $other): bool
    {
        return $this->side($other->from) * $this->side($other->to) < 0.0 && $other->side($this->from) * $other->side($this->to) < 0.0;
    }

    /**
     * Outer corner where it meets a neighbour: mitred, or square where the angle is too sharp or nothing is met.
     *
     * @param  PlanePoint  $corner  one of its ends, m
     * @param  float  $thickness  m
     * @return PlanePoint m
     */
    public function outerCorner(PlanePoint $corner, ?self $neighbour, float $thickness): PlanePoint
    {
        $mine = $this->outwards();
        $theirs = $neighbour === null ? $mine->scaled(-1.0) : $neighbour->outwards();
        $both = 1.0 + $mine->dot($theirs);

        return $corner->plus($both > self::SHARP ? $mine->plus($theirs)->scaled($thickness / $both) : $mine->scaled($thickness));
    }

    /** @return float above 0 on the room’s side of it, m2 */
    private function side(PlanePoint $point): float
    {
        return PlanePoint::turn($this->from, $this->to, $point);
    }
}
