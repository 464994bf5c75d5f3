<?php

declare(strict_types=1);

namespace Jornel\Core\Shape\Scene;

/** A dimension to be drawn between two points. */
final readonly class Extent
{
    /** @param  string  $name `width`, `depth`, `height` */
    public function __construct(public string $name, public Point $from, public Point $to, public Point $away)
    {
    }

    /** @return float m */
    public function length(): float
    {
        $along = $this->to->minus($this->from);

        return sqrt($along->dot($along));
    }
}
