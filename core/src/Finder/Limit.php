<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** What a build may not exceed, or may not ask for. */
enum Limit: string
{
    /** dBA at the seat, all units together. */
    case Level = 'level';
    /** Money for all that is bought. */
    case FirstCost = 'first_cost';
    /** Money over the years that are compared. */
    case TotalCost = 'total_cost';
    /** Floor of all units, m2. */
    case Footprint = 'footprint';
    /** Of one unit, m. */
    case Height = 'height';
    /** Of all units, W. */
    case Power = 'power';
    /** Work on all units, min. */
    case Minutes = 'minutes';
    /** Tools that are not at hand: none may be missing. */
    case Tools = 'tools';
    /** Skills that nobody has: none may be missing. */
    case Skills = 'skills';
    /** Fans and filters that are not in stock: none may be missing. */
    case Stock = 'stock';
}
