<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Closure;

/** One flat side of a solid, its corners anticlockwise when seen from outside. */
final readonly class SolidFace
{
    /**
     * @param  non-empty-list<Point>  $corners
     * @param  list<Mark>|(Closure(): list<Mark>)  $marks  drawn on it; made only when asked for where they are many
     */
    public function __construct(public array $corners, private array|Closure $marks = [])
    {
    }

    /** @return list<Mark> */
    public function marks(): array
    {
        return $this->marks instanceof Closure ? ($this->marks)() : $this->marks;
    }

    /** Outward direction, not of unit length (Newell’s method). */
    public function normal(): Point
    {
        $x = $y = $z = 0.0;
        $before = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as $corner) {
            $x += ($before->y - $corner->y) * ($before->z + $corner->z);
            $y += ($before->z - $corner->z) * ($before->x + $corner->x);
            $z += ($before->x - $corner->x) * ($before->y + $corner->y);
            $before = $corner;
        }

        return new Point($x, $y, $z);
    }

    public function middle(): Point
    {
        $sum = new Point(0.0, 0.0, 0.0);
        foreach ($this->corners as $corner) {
            $sum = $sum->plus($corner);
        }

        return $sum->scaled(1.0 / count($this->corners));
    }
}
