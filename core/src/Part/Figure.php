<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A number of a part with where it came from. */
final readonly class Figure
{
    /** @param  float  $si value in SI units */
    public function __construct(public float $si, public Provenance $provenance)
    {
    }
}
