<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

/** What kind of thing a step takes. */
enum UseKind
{
    case Fan;
    case Filter;
    case Prefilter;
    /** A part that is cut, by the id of its panel. */
    case Cut;
    /** Sheet, hardware, or what is sold by length, by id of the catalogue’s materials. */
    case Material;
    /** What the seams are joined with. */
    case Joining;
}
