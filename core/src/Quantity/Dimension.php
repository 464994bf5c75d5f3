<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** What kind of thing a number measures. */
enum Dimension: string
{
    case Length = 'length';
    case Area = 'area';
    case Volume = 'volume';
    case Flow = 'flow';
    case Pressure = 'pressure';
    case Velocity = 'velocity';
    case Level = 'level';
    case Power = 'power';
    case Mass = 'mass';
    case Temperature = 'temperature';
    case Time = 'time';
    case Concentration = 'concentration';
    case Emission = 'emission';
    case Share = 'share';
}
