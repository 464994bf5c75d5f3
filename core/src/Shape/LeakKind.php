<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What lets air past the filters. */
enum LeakKind: string
{
    /** The gap that a joining leaves along an edge. */
    case Seam = 'seam';
    /** Back through the fan's housing, between blade circle and corners. */
    case Recirculation = 'recirculation';
    /** Where rounded corners of the housing leave the box open. */
    case CornerWindows = 'corner-windows';
    /** What the housing leaves open of a larger filter or box: only a collar closes it. */
    case UncoveredRing = 'uncovered-ring';
    /** Cord slot, knob door, pierced media. */
    case Other = 'other';
}
