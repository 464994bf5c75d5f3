<?php

namespace App\Finder\Service;

use RuntimeException;

/** A search ends because its ticket was given back. */
final class NobodyWaits extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('This search was ended.');
    }
}
