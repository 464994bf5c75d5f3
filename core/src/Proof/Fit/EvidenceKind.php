<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

/** Kinds of evidence of what a unit does. */
enum EvidenceKind: string
{
    /** Open area by the tissue test, m2. */
    case Tissue = 'tissue';
    /** Flow of the fans through the outlet, filters on, m3/s. */
    case Traverse = 'traverse';
    /** The same with the filters taken off, m3/s. */
    case FreeTraverse = 'traverse-filters-off';
    /** Clean air by a decay test, m3/s. */
    case Decay = 'decay';
    /** At the plug, W. */
    case Power = 'power';
    /** At 1 m, dBA. */
    case Level = 'level';
}
