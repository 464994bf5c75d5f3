<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** The open top of a box: its outer rectangle and the opening inside its walls, both with the same middle. */
final readonly class BoxTop
{
    /**
     * @param  float  $width  outer, m
     * @param  float  $depth  outer, m
     * @param  float  $openWidth  inner, m
     * @param  float  $openDepth  inner, m
     */
    public function __construct(public float $width, public float $depth, public float $openWidth, public float $openDepth)
    {
    }

    /** @return float outside, m */
    public function perimeter(): float
    {
        return 2.0 * ($this->width + $this->depth);
    }
}
