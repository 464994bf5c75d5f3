<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Where one set of the pieces that hold a joining goes. */
enum FixingPlace: string
{
    /** At every filter. */
    case Filter = 'filter';
    /** Along the seams, a hand apart. */
    case Hand = 'hand';
    /** Once to a unit. */
    case Unit = 'unit';
    /** Along the seams, by their length. */
    case Length = 'length';
}
