<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Scene;

/** Outer size of a unit, taken from its solids. */
final readonly class Size
{
    /**
     * @param  float  $width  outside, m
     * @param  float  $depth  outside, m
     * @param  float  $height  m
     */
    private function __construct(public float $width, public float $depth, public float $height)
    {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design): self
    {
        return self::ofScene($design->shape->scene($design));
    }

    public static function ofScene(Scene $scene): self
    {
        [$low, $high] = $scene->reach();

        return new self($high->x - $low->x, $high->y - $low->y, $high->z - $low->z);
    }

    /**
     * Floor that it takes, the extent of all of it seen from above.
     *
     * @return float m2
     */
    public function footprint(): float
    {
        return $this->width * $this->depth;
    }
}
