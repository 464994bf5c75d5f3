<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A shape with its parts in it: all that the balance, the kit and the guide ask about. */
final readonly class Assembly
{
    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @param  list<Seam>  $seams
     * @param  list<Opening>  $openings
     * @param  list<Panel>  $panels  sheets to cut
     * @param  float  $throttle  share of the fan's flow that the narrowest opening lets through, 0 to 1
     * @param  float  $width  outside, m
     * @param  float  $depth  outside, m
     * @param  float  $height  outside, m
     * @param  float  $mass  kg
     * @param  list<string>  $remarks  what a builder should know about this combination
     */
    public function __construct(
        public array $faces,
        public array $seams,
        public array $openings,
        public array $panels,
        public float $throttle,
        public float $width,
        public float $depth,
        public float $height,
        public float $mass,
        public array $remarks,
    ) {
    }

    /** @return float m2 */
    public function netArea(): float
    {
        return array_sum(array_map(fn (FilterFace $face): float => $face->netArea(), $this->faces));
    }

    /** @return float m */
    public function seamLength(): float
    {
        return array_sum(array_map(fn (Seam $seam): float => $seam->length, $this->seams));
    }
}
