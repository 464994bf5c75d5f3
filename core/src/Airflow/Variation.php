<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

/** Factors on the figures of a build, by which they may differ from what was told. */
final readonly class Variation
{
    public function __construct(
        public float $fanFlow = 1.0,
        public float $fanPressure = 1.0,
        public float $filterDrop = 1.0,
        public float $lnPenetration = 1.0,
        public float $seamGap = 1.0,
        public float $opening = 1.0,
    ) {
    }

    /**
     * One figure off, the others as told.
     *
     * @param  int  $figure  which, in the order of the constructor
     */
    public static function ofOne(int $figure, float $factor): self
    {
        $factors = [1.0, 1.0, 1.0, 1.0, 1.0, 1.0];
        $factors[$figure] = $factor;

        return new self(...$factors);
    }
}
