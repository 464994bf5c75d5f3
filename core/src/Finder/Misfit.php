<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** Parts that do not make a shape together, and why. */
final readonly class Misfit
{
    /**
     * @param  string  $field  that is at fault: `unit.fan`, `unit.filter`, ...
     * @param  int  $count  ways of putting them together that it keeps out
     */
    public function __construct(public string $shape, public string $field, public string $reason, public int $count)
    {
    }
}
