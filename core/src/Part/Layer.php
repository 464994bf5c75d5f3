<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** One sheet of media that air goes through, with the net area it goes through. */
final readonly class Layer
{
    /**
     * @param  float  $netArea  m2, above 0
     * @param  float  $ratedVelocity  face velocity above which dust is driven through, m/s
     */
    public function __construct(
        public float $netArea,
        public PressureLaw $law,
        public Efficiency $efficiency,
        public float $ratedVelocity,
    ) {
    }
}
