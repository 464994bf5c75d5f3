<?php

declare(strict_types=1);

namespace Jornel\Core\Shape\Scene;

/** Something drawn on the face of a solid: a pleat, a hole, a blade, an arrow. */
final readonly class Mark
{
    /**
     * @param  string  $kind  what it shows: `pleat`, `media`, `hole`, `blade`, `hub`, `guard`, `arrow`, `tape`
     * @param  non-empty-list<Point>  $points
     */
    public function __construct(public string $kind, public array $points, public bool $closed) {}

    /**
     * @param  Point  $centre  of the circle
     * @param  Point  $u  one radius long
     * @param  Point  $v  one radius long, at a right angle
     */
    public static function circle(string $kind, Point $centre, Point $u, Point $v): self
    {
        return new self($kind, array_map(
            fn (int $step): Point => $centre->plus($u->scaled(cos(M_PI * $step / 24)))->plus($v->scaled(sin(M_PI * $step / 24))),
            range(0, 47),
        ), true);
    }
}
