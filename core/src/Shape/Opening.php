<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A way for air past the filters that is not a seam. */
final readonly class Opening
{
    /** @param  float  $area m2 */
    public function __construct(public string $name, public float $area)
    {
    }
}
