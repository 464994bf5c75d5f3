<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** Edges that meet and must be joined. */
final readonly class Seam
{
    /** Mean open width under something that rests by its weight on a flat sheet or a smooth floor, m (assumed). */
    public const RESTING = 0.0003;

    /** Mean open width of foam that is pressed, m (as bungee and foam, assumed). */
    public const FOAMED = 0.0002;

    /** Mean open width under tape that peels off again, m (as painter’s tape, assumed). */
    public const PEELED = 0.0001;

    /**
     * @param  string  $name  which two edges
     * @param  float  $length  of all of them together, m
     * @param  int  $count  how many there are
     * @param  float|null  $gap  mean open width where it is not joined like the rest, m; null for the joining's own
     */
    public function __construct(public string $name, public float $length, public int $count, public ?float $gap = null)
    {
    }
}
