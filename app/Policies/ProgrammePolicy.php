<?php

namespace App\Policies;

use App\Models\Concerns\OfProgramme;
use App\Models\Person;
use App\Models\Role;
use Illuminate\Auth\Access\Response;

/** Every record is open to the people of its programme by their role; to others it does not exist. */
class ProgrammePolicy
{
    public function view(Person $person, OfProgramme $record): Response
    {
        return $this->allow($person, $record, fn (Role $role): bool => true);
    }

    public function build(Person $person, OfProgramme $record): Response
    {
        return $this->allow($person, $record, fn (Role $role): bool => $role->mayBuild());
    }

    public function organise(Person $person, OfProgramme $record): Response
    {
        return $this->allow($person, $record, fn (Role $role): bool => $role->mayOrganise());
    }

    /** Brings a programme back from the archive. */
    public function revive(Person $person, OfProgramme $record): Response
    {
        return $person->roleIn($record->programmeId())?->mayOrganise() === true ? Response::allow() : $this->organise($person, $record);
    }

    /** @param  callable(Role): bool  $may */
    private function allow(Person $person, OfProgramme $record, callable $may): Response
    {
        $role = $person->mayIn($record->programmeId());

        return match (true) {
            $role === null => Response::denyAsNotFound(),
            $may($role) => Response::allow(),
            $role !== $person->roleIn($record->programmeId()) => Response::deny('This programme is archived: it is looked at and not changed. An organiser can bring it back.'),
            default => Response::deny("As a {$role->value} you may look but not do this. Ask an organiser of the programme."),
        };
    }
}
