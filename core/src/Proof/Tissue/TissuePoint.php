<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Scene\Point;
use Jornel\Core\Shape\LeakKind;

/** One place on a unit that the tissue is held to. */
final readonly class TissuePoint
{
    /**
     * @param  string  $id  each once on a unit
     * @param  string  $name  in words
     * @param  LeakKind|null  $leak  what lets air past there; null at a filter's face
     * @param  float  $length  along which the joining's gap runs, m; 0 for an opening or a face
     * @param  float  $usual  as made: mean open width of a seam, m; area of an opening, m2; 0 at a face
     * @param  float  $missed  the same where it was left open
     * @param  Point|null  $at  where it is drawn; null where the drawing does not show it
     */
    public function __construct(
        public string $id,
        public PointKind $kind,
        public string $name,
        public ?LeakKind $leak,
        public float $length,
        public float $usual,
        public float $missed,
        public ?Point $at,
    ) {
    }

    /** @return float m2 of a gap so wide, or of an opening so large */
    public function area(float $size): float
    {
        return $this->length > 0.0 ? $this->length * $size : $size;
    }
}
