<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** How a fan's blades are held on its shaft. */
enum Rotor: string
{
    case PressFit = 'press-fit';
    case SetScrew = 'set-screw';
    case ThreadedNut = 'threaded-nut';
    case FactoryFitted = 'factory-fitted';
}
