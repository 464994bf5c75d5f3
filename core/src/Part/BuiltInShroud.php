<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What a fan's maker has put round its blades. */
enum BuiltInShroud: string
{
    case None = 'none';
    /** A ring in line with the blades: it works like a shroud. */
    case Ring = 'ring';
    /** A plate in front: it only closes the corners of the housing. */
    case Plate = 'plate';
}
