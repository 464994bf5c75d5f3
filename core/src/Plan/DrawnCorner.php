<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;

/** A corner of a floor as it was drawn, with the wall that begins there. */
final readonly class DrawnCorner
{
    /**
     * @param  float  $x  m
     * @param  float  $y  m
     * @param  string  $height  of the ceiling over it, as it was written; empty for that of the room
     * @param  bool  $taped  whether the length of its wall was read off a tape
     */
    public function __construct(public float $x, public float $y, public string $height = '', public bool $taped = false)
    {
    }

    public function movedTo(float $x, float $y): self
    {
        return new self($x, $y, $this->height, $this->taped);
    }

    /** The same, its wall no longer as a tape has read it. */
    public function untaped(): self
    {
        return new self($this->x, $this->y, $this->height);
    }

    /** @return PlanePoint m */
    public function point(): PlanePoint
    {
        return new PlanePoint($this->x, $this->y);
    }
}
