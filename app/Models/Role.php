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

    public function label(): string
    {
        return match ($this) {
            self::Organiser => 'Organiser',
            self::Builder => 'Builder',
            self::Reader => 'Reader',
        };
    }

    /** What it may do, a whole sentence. */
    public function rights(): string
    {
        return match ($this) {
            self::Organiser => 'Does everything: invites and removes people, changes settings, deletes rooms.',
            self::Builder => 'Adds and changes rooms, builds, parts and stock.',
            self::Reader => 'Looks at everything and changes nothing.',
        };
    }

    public function mayBuild(): bool
    {
        return $this !== self::Reader;
    }

    public function mayOrganise(): bool
    {
        return $this === self::Organiser;
    }
}
