<?php

namespace App\Models\Concerns;

/** A record that belongs to a programme, and is closed to everyone who does not. */
interface OfProgramme
{
    public function programmeId(): int;
}
