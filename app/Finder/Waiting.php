<?php

namespace App\Finder;

/** No answer yet: others are before. */
final readonly class Waiting
{
    /** @param  int  $before  searches that come first */
    public function __construct(public int $before)
    {
    }
}
