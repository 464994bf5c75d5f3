<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** The two measures a person may read and write in. */
enum System: string
{
    case Imperial = 'imperial';
    case Metric = 'metric';
}
