<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** What somebody tells of a step while they make a unit. */
enum TickKind: string
{
    case Begun = 'begun';
    case Done = 'done';
    /** It is not done after all. */
    case Undone = 'undone';
    /** A hold point was seen. */
    case Seen = 'seen';
    case Unseen = 'unseen';
    case Note = 'note';
    /** Something went wrong, and was mended or not. */
    case Wrong = 'wrong';
}
