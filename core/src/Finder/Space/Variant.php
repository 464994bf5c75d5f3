<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Guide\Work;
use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Size;

/** One way of treating a family’s corners and of joining it: how it leaks, how large it is, what work it takes. */
final readonly class Variant
{
    /** Floor of one unit, m2. */
    public float $footprint;

    /** Of one unit, m. */
    public float $height;

    /** Of work on one unit. */
    public float $minutes;

    /**
     * @param  float  $leakArea  m2
     * @param  Work  $work  on one unit
     * @param  Size  $size  with these corners
     * @param  Assembly  $assembly  with these corners
     * @param  string  $code  in words that sort the same on every machine
     */
    public function __construct(
        public Corners $corners,
        public Joining $joining,
        public float $leakArea,
        public Work $work,
        Size $size,
        public Assembly $assembly,
        public string $code,
        ?float $leastMinutes = null,
    ) {
        $this->footprint = $size->footprint();
        $this->height = $size->height;
        $this->minutes = $leastMinutes ?? $work->minutes;
    }
}
