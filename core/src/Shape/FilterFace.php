<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Filter;

/** One face through which air enters, with its filter. */
final readonly class FilterFace
{
    /**
     * @param  string  $id  the part in the scene that it is
     * @param  float  $netWidth  m, inside rims and what neighbours cover
     * @param  float  $netHeight  m
     */
    public function __construct(
        public string $id,
        public Filter $filter,
        public float $netWidth,
        public float $netHeight,
    ) {
    }

    /** @return float m2 */
    public function netArea(): float
    {
        return $this->netWidth * $this->netHeight;
    }
}
