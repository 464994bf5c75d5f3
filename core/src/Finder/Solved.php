<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Air\BinShares;

/** A candidate whose air is balanced. */
final readonly class Solved
{
    /**
     * @param  BinShares  $clean  clean air of one unit by bin, m3/s
     * @param  Measures  $measures  of all units at work
     */
    public function __construct(public BinShares $clean, public Measures $measures)
    {
    }
}
