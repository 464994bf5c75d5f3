<?php

declare(strict_types=1);

namespace Jornel\Core\Shape\Scene;

/** One flat side of a solid, its corners anticlockwise when seen from outside. */
final readonly class SolidFace
{
    /**
     * @param  non-empty-list<Point>  $corners
     * @param  list<Mark>  $marks
     */
    public function __construct(public array $corners, public array $marks = []) {}

    /** Outward direction, not of unit length. */
    public function normal(): Point
    {
        $count = count($this->corners);
        $sum = new Point(0.0, 0.0, 0.0);
        for ($i = 1; $i < $count - 1; $i++) {
            $sum = $sum->plus($this->corners[$i]->minus($this->corners[0])->cross($this->corners[$i + 1]->minus($this->corners[0])));
        }

        return $sum;
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
