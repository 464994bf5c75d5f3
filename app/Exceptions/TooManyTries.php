<?php

namespace App\Exceptions;

use RuntimeException;

/** Somebody has tried too often in too short a time. */
final class TooManyTries extends RuntimeException
{
    /** @param  int  $seconds  until the next try is taken */
    public function __construct(public readonly int $seconds)
    {
        parent::__construct('Too many tries. Wait a minute, then try again.');
    }
}
