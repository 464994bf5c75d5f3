<?php

namespace App\Models;

/** What a person may do in a programme. */
enum Role: string
{
    /** Everything, people and deletion included. */
    case Organiser = 'organiser';
    /** Add and change rooms and builds. */
    case Builder = 'builder';
    /** Look. */
    case Reader = 'reader';

    public function mayBuild(): bool
    {
        return $this !== self::Reader;
    }

    public function mayOrganise(): bool
    {
        return $this === self::Organiser;
    }
}
