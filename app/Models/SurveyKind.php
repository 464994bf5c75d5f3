<?php

namespace App\Models;

/** Kinds of evidence that are kept of a unit. */
enum SurveyKind: string
{
    case Tissue = 'tissue';
    case Traverse = 'traverse';
    case Decay = 'decay';
    case Level = 'level';
    case Power = 'power';
    case Reach = 'reach';
    case Ribbon = 'ribbon';
    case Vapour = 'vapour';
}
