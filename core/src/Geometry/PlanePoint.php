<?php

declare(strict_types=1);

namespace Jornel\Core\Geometry;

/** A point of a plane, or a way within it: of a floor or a sheet in m, on paper in mm. */
final readonly class PlanePoint
{
    public function __construct(public float $x, public float $y)
    {
    }

    /**
     * Points by their coordinates.
     *
     * @param  list<array{float, float}>  $pairs
     * @return ($pairs is non-empty-array ? non-empty-list<self> : list<self>)
     */
    public static function list(array $pairs): array
    {
        return array_map(fn (array $pair): self => new self(...$pair), $pairs);
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function scaled(float $factor): self
    {
        return new self($factor * $this->x, $factor * $this->y);
    }

    /** @param  float  $angle  anticlockwise about the origin, radians */
    public function turned(float $angle): self
    {
        [$c, $s] = [cos($angle), sin($angle)];

        return new self($c * $this->x - $s * $this->y, $s * $this->x + $c * $this->y);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /**
     * Twice the area of a triangle.
     *
     * @return float above 0 where the way from a over b to c turns left
     */
    public static function turn(self $a, self $b, self $c): float
    {
        return ($b->x - $a->x) * ($c->y - $a->y) - ($b->y - $a->y) * ($c->x - $a->x);
    }

    /** @return array{float, float} as the open formats write it */
    public function toArray(): array
    {
        return [$this->x, $this->y];
    }
}
