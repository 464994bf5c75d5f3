<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Size;

/** One way of treating a family’s corners and of joining it: how it leaks, what it takes besides fans and filters. */
final readonly class Variant
{
    /**
     * @param  float  $leakArea  m2
     * @param  float  $minutes  of work on one unit
     * @param  Size  $size  with these corners
     * @param  Assembly  $assembly  with these corners
     * @param  string  $code  in words that sort the same on every machine
     */
    public function __construct(
        public Corners $corners,
        public Joining $joining,
        public float $leakArea,
        public float $minutes,
        public int $missingTools,
        public int $missingSkills,
        public Size $size,
        public Assembly $assembly,
        public string $code,
    ) {
    }

    /**
     * Whether it is as good as another in every way and costs less; of equal ones the first by its words.
     *
     * @param  int  $own  what it buys besides fans and filters
     * @param  int  $others  what the other buys
     */
    public function makesNeedless(self $other, int $own, int $others): bool
    {
        return $own <= $others && $this->leakArea <= $other->leakArea && $this->minutes <= $other->minutes
            && $this->size->footprint() <= $other->size->footprint() && $this->size->height <= $other->size->height
            && $this->missingTools <= $other->missingTools && $this->missingSkills <= $other->missingSkills
            && ($own < $others || $this->code < $other->code);
    }
}
