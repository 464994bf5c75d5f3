<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/**
 * Four frames standing in a square, each overlapping the next like a pinwheel.
 */
final readonly class Pinwheel
{
    /**
     * @param  float  $frameWidth  w, actual, m, above 0
     * @param  float  $frameDepth  t, actual, m, above 0
     */
    public function __construct(public float $frameWidth, public float $frameDepth)
    {
    }

    /**
     * Side of the square outside: w + t.
     *
     * @return float m
     */
    public function outside(): float
    {
        return $this->frameWidth + $this->frameDepth;
    }

    /**
     * Side of the square inside: w - t.
     *
     * @return float m
     */
    public function inside(): float
    {
        return $this->frameWidth - $this->frameDepth;
    }

    /**
     * Open width of each frame: what remains inside the rim and beside the strip, t wide, on which the next frame
     * stands with its edge.
     *
     * @param  float  $rim  m
     * @return float m
     */
    public function netWidth(float $rim): float
    {
        return $this->frameWidth - $rim - max($rim, $this->frameDepth);
    }
}
