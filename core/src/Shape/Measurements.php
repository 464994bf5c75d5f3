<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;

/** Outer size, footprint, mass and stand of a unit, taken from its solids. */
final readonly class Measurements
{
    /** Angle below which a unit is said to tip over easily, degrees (assumed). */
    public const LEAST_TIPPING = 10.0;

    /**
     * @param  float  $width  outside, m
     * @param  float  $depth  outside, m
     * @param  float  $height  m
     * @param  float  $footprint  floor that it takes, the extent of all of it seen from above, m2
     * @param  float  $mass  kg
     * @param  Point  $middle  of mass, m
     * @param  float|null  $tipping  angle at which it tips over, degrees, without what ties it or what it leans on; null for what does not stand
     * @param  Stand  $stand  what keeps it upright
     */
    private function __construct(
        public float $width,
        public float $depth,
        public float $height,
        public float $footprint,
        public float $mass,
        public Point $middle,
        public ?float $tipping,
        private Stand $stand,
    ) {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design): self
    {
        $scene = $design->solids();
        $size = Size::ofScene($scene);
        [$stability, $filters] = [Stability::of($design, $scene), Stability::filters($design)];

        return new self(
            $size->width, $size->depth, $size->height, $size->footprint(),
            $stability->mass($filters), $stability->middle($filters),
            in_array($design->stand(), [Stand::Hung, Stand::Fixed], true) ? null : $stability->tipping($filters),
            $design->stand(),
        );
    }

    /** Whether it tips over easily and nothing holds it. */
    public function tipsOver(): bool
    {
        return $this->stand->restsOnItsFoot() && $this->tipping !== null && $this->tipping < self::LEAST_TIPPING;
    }
}
