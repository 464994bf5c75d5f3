<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Quantity\Sentence;

/** Something better that one limit alone keeps out. */
final readonly class Wish
{
    /** @param  Found  $found  that would be had if the limit were not kept */
    public function __construct(public ?Pick $pick, public Found $found, public Sentence $text)
    {
    }
}
