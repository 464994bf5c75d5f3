<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;

/** Something on the plan of a room: in a wall, or standing on the floor. */
final readonly class Furnishing
{
    /** Smallest and largest side that is allowed, m. */
    public const SIDE = [0.05, 30.0];

    /**
     * @param  float  $x  of its middle, m
     * @param  float  $y  of its middle, m
     * @param  float  $width  along its wall or along x, m
     * @param  float  $depth  away from its wall or along y, m
     * @param  float  $height  m
     * @param  float  $turn  of what is set in a wall: direction of the wall, radians from x
     * @param  string  $leadsTo  of a door: key of the room behind it; empty for outdoors or a room that is not drawn
     */
    public function __construct(
        public FurnishingKind $kind,
        public float $x,
        public float $y,
        public float $width,
        public float $depth,
        public float $height,
        public float $turn = 0.0,
        public string $leadsTo = '',
    ) {
    }

    /** In its usual size. */
    public static function usual(FurnishingKind $kind, float $x, float $y): self
    {
        return new self($kind, $x, $y, ...$kind->usual());
    }

    /** @return float room that it takes from the air, m3 */
    public function volume(): float
    {
        return $this->kind === FurnishingKind::BuiltIn ? $this->width * $this->depth * $this->height : 0.0;
    }

    public function movedTo(float $x, float $y, float $turn = 0.0): self
    {
        return new self($this->kind, $x, $y, $this->width, $this->depth, $this->height, $turn, $this->leadsTo);
    }

    /** @return float in plan, from middle to middle, m */
    public function distanceTo(self $other): float
    {
        return $this->middle()->distanceTo($other->middle());
    }

    /** @return PlanePoint m */
    public function middle(): PlanePoint
    {
        return new PlanePoint($this->x, $this->y);
    }
}
