<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** What a build may be the best at, among all that do it. */
enum Pick: string
{
    case Cheapest = 'cheapest';
    case LeastToBuy = 'least-to-buy';
    case Quietest = 'quietest';
    case Smallest = 'smallest';
    case LeastToRun = 'least-to-run';
    case LeastPower = 'least-power';
    case QuickestToBuild = 'quickest-to-build';
}
