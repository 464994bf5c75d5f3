<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** An edge on the outside of a scene along which two parts meet: where tape or glue runs. */
final readonly class JoinedEdge
{
    /**
     * @param  array{string, string}  $parts  that meet there
     * @param  Point  $from  one end
     * @param  Point  $to  the other
     * @param  list<array{int, int, Point}>  $sides  number of the solid, of its face, and which way over it a strip lies from the edge
     */
    public function __construct(public array $parts, public Point $from, public Point $to, public array $sides)
    {
    }

    /** @return float m */
    public function length(): float
    {
        $along = $this->to->minus($this->from);

        return sqrt($along->dot($along));
    }
}
