<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Where a fan's speed is set. */
enum Knob: string
{
    case Front = 'front';
    case Top = 'top';
    /** On the side where the air enters: inside the box, or in the carton that the fan is set in. */
    case Back = 'back';
    /** On a lead, or by the voltage of its supply. */
    case Lead = 'lead';
    case None = 'none';
}
