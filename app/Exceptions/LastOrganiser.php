<?php

namespace App\Exceptions;

use RuntimeException;

/** A programme is never left without an organiser. */
final class LastOrganiser extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('This is the last organiser. Make somebody else an organiser first.');
    }
}
