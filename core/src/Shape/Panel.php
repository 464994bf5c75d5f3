<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A sheet to cut, square-cornered, perhaps with a round hole in its middle. */
final readonly class Panel
{
    /** Thickness of carton board, m (assumed). */
    public const THICKNESS = 0.004;

    /**
     * @param  string  $id  the part in the scene that it is
     * @param  string  $name  `base`, `cover`, `shroud`
     * @param  float  $width  m
     * @param  float  $height  m
     * @param  float|null  $hole  diameter of the hole in the middle, m
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $width,
        public float $height,
        public ?float $hole,
    ) {
    }
}
