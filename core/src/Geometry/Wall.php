<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/** One wall of a room, from corner to corner with the room on its left. */
final readonly class Wall
{
    /** Below this, 1 + cos of the angle between two walls’ outward directions, a mitre would stand out too far. */
    private const SHARP = 0.2;

    /**
     * @param  array{float, float}  $from  m
     * @param  array{float, float}  $to  m
     * @param  array{float, float}  $heights  of the ceiling at its two ends, m
     */
    public function __construct(public array $from, public array $to, public array $heights)
    {
    }

    /** @return float m */
    public function length(): float
    {
        return hypot($this->to[0] - $this->from[0], $this->to[1] - $this->from[1]);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->length() * ($this->heights[0] + $this->heights[1]) / 2.0;
    }

    /** @return array{float, float} of length 1 */
    public function direction(): array
    {
        $length = $this->length();

        return [($this->to[0] - $this->from[0]) / $length, ($this->to[1] - $this->from[1]) / $length];
    }

    /** @return array{float, float} out of the room, of length 1 */
    public function outwards(): array
    {
        [$x, $y] = $this->direction();

        return [$y, -$x];
    }

    /**
     * The place on it that is nearest to a point, with half a width kept free to both its ends where it is long enough.
     *
     * @param  array{float, float}  $point  m
     * @return float from its beginning, m
     */
    public function along(array $point, float $width = 0.0): float
    {
        [$x, $y] = $this->direction();
        $half = min($width, $this->length()) / 2.0;

        return min(max(($point[0] - $this->from[0]) * $x + ($point[1] - $this->from[1]) * $y, $half), $this->length() - $half);
    }

    /**
     * @param  float  $along  from its beginning, m
     * @return array{float, float} m
     */
    public function at(float $along): array
    {
        [$x, $y] = $this->direction();

        return [$this->from[0] + $along * $x, $this->from[1] + $along * $y];
    }

    /**
     * @param  array{float, float}  $point  m
     * @return float to the nearest place on it, m
     */
    public function distanceTo(array $point): float
    {
        [$x, $y] = $this->at($this->along($point));

        return hypot($point[0] - $x, $point[1] - $y);
    }

    /** Whether two walls cross, ends not counted. */
    public function crosses(self $other): bool
    {
        return $this->side($other->from) * $this->side($other->to) < 0.0 && $other->side($this->from) * $other->side($this->to) < 0.0;
    }

    /**
     * Outer corner where it meets a neighbour: mitred, or square where the angle is too sharp or nothing is met.
     *
     * @param  array{float, float}  $corner  one of its ends, m
     * @param  float  $thickness  m
     * @return array{float, float} m
     */
    public function outerCorner(array $corner, ?self $neighbour, float $thickness): array
    {
        [$x, $y] = $this->outwards();
        [$ox, $oy] = $neighbour === null ? [-$x, -$y] : $neighbour->outwards();
        $both = 1.0 + $x * $ox + $y * $oy;

        return $both > self::SHARP
            ? [$corner[0] + $thickness * ($x + $ox) / $both, $corner[1] + $thickness * ($y + $oy) / $both]
            : [$corner[0] + $thickness * $x, $corner[1] + $thickness * $y];
    }

    /**
     * @param  array{float, float}  $point  m
     * @return float above 0 on the room’s side of it, m2
     */
    private function side(array $point): float
    {
        return ($this->to[0] - $this->from[0]) * ($point[1] - $this->from[1]) - ($this->to[1] - $this->from[1]) * ($point[0] - $this->from[0]);
    }
}
