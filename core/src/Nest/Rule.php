<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** Which of several places a part is laid in. */
enum Rule
{
    /** Where the least remains beside its shorter remainder. */
    case ShortSide;
    /** The lowest, then the leftmost. */
    case Low;
    /** The leftmost, then the lowest. */
    case Left;
    /** In the smallest empty box. */
    case Tight;
}
