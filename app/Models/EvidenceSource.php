<?php

namespace App\Models;

/** How a reading or a log came: what is asked of it hangs on this, never on what a meter or a file is called. */
enum EvidenceSource: string
{
    case Typed = 'typed';
    case File = 'file';
    case Phone = 'phone';
    case Meter = 'meter';
}
