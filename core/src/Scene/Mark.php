<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** Something drawn on the face of a solid: a pleat, a hole, a blade, an arrow. */
final readonly class Mark
{
    /**
     * @param  string  $kind  what it shows: `pleat`, `media`, `hole`, `blade`, `hub`, `guard`, `arrow`, `tape`
     * @param  non-empty-list<Point>  $points
     */
    public function __construct(public string $kind, public array $points, public bool $closed)
    {
    }

    /** @param  float  $radius m, about the origin of the frame */
    public static function circle(string $kind, Frame $frame, float $radius): self
    {
        return new self($kind, array_map(
            fn (int $step): Point => $frame->at($radius * cos(M_PI * $step / 18), $radius * sin(M_PI * $step / 18)),
            range(0, 35),
        ), true);
    }
}
