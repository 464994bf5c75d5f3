<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** A point or a direction in a scene, m: x to the right, y away from the viewer, z up. */
final readonly class Point
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function scaled(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    /** The same direction of unit length; none where it has none. */
    public function unit(): self
    {
        $length = sqrt($this->dot($this));

        return $length <= 0.0 ? $this : $this->scaled(1.0 / $length);
    }

    /** This point on the way to another: 0 here, 1 there. */
    public function towards(self $other, float $share): self
    {
        return $this->plus($other->minus($this)->scaled($share));
    }
}
