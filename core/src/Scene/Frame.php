<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** A flat coordinate system in a scene: an origin and two directions of unit length at a right angle. */
final readonly class Frame
{
    public function __construct(public Point $origin, public Point $u, public Point $v)
    {
    }

    /** Seen from the front: u to the right, v up. */
    public static function front(float $x, float $y, float $z): self
    {
        return new self(new Point($x, $y, $z), new Point(1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0));
    }

    /** Seen from the right: u away from the viewer, v up. */
    public static function right(float $x, float $y, float $z): self
    {
        return new self(new Point($x, $y, $z), new Point(0.0, 1.0, 0.0), new Point(0.0, 0.0, 1.0));
    }

    /** Seen from above: u to the right, v away from the viewer. */
    public static function top(float $x, float $y, float $z): self
    {
        return new self(new Point($x, $y, $z), new Point(1.0, 0.0, 0.0), new Point(0.0, 1.0, 0.0));
    }

    public function at(float $u, float $v): Point
    {
        // Written out: thousands of points are made for a drawing.
        return new Point(
            $this->origin->x + $u * $this->u->x + $v * $this->v->x,
            $this->origin->y + $u * $this->u->y + $v * $this->v->y,
            $this->origin->z + $u * $this->u->z + $v * $this->v->z,
        );
    }

    /** Out of the plane, towards whoever sees u to the right and v up. */
    public function normal(): Point
    {
        return $this->u->cross($this->v);
    }

    public function movedTo(Point $origin): self
    {
        return new self($origin, $this->u, $this->v);
    }
}
