<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\Scene;

/** Outer size of a unit. */
final readonly class Size
{
    /**
     * @param  float  $width  outside, m
     * @param  float  $depth  outside, m
     * @param  float  $height  m
     */
    public function __construct(public float $width, public float $depth, public float $height)
    {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design): self
    {
        $size = $design->shape->size($design);

        return Footing::of($design)?->size($size) ?? $size;
    }

    /** Taken from the solids. */
    public static function ofScene(Scene $scene): self
    {
        [$low, $high] = $scene->reach();

        return new self($high->x - $low->x, $high->y - $low->y, $high->z - $low->z);
    }

    /** @return list<Extent> as they are drawn */
    public function extents(): array
    {
        return Extent::box($this->width, $this->depth, $this->height);
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
