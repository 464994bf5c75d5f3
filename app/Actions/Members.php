<?php

namespace App\Actions;

use App\Exceptions\LastOrganiser;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who belongs to a programme, and in which role. */
final readonly class Members
{
    public function __construct(private Passwords $passwords)
    {
    }

    /** @return array{Invitation, string} and the secret part of its link, which is told only now */
    public function invite(Programme $programme, Person $by, Role $role): array
    {
        $token = Str::random(40);

        return [$programme->invitations()->create([
            'person_id' => $by->id, 'role' => $role, 'token_hash' => Invitation::hashOf($token), 'expires_at' => Carbon::now()->addDays(Invitation::DAYS),
        ]), $token];
    }

    /** Somebody comes in by an invitation, which is used up with it; whoever belongs to it already keeps their role. */
    public function accept(Invitation $invitation, Person $person): bool
    {
        return DB::transaction(function () use ($invitation, $person): bool {
            // Of two who come with the same link at once, one is in time.
            if (Invitation::query()->whereKey($invitation->id)->lockForUpdate()->doesntExist()) {
                return false;
            }
            $person->save();
            if ($invitation->programme->people()->whereKey($person->id)->doesntExist()) {
                $invitation->programme->people()->attach($person->id, ['role' => $invitation->role->value]);
            }
            $this->passwords->withdraw($person);
            $invitation->delete();
            Remember::that('person_joined', $invitation->programme_id, null, ['role' => $invitation->role->label()], $person);

            return true;
        });
    }

    /** @throws LastOrganiser */
    public function change(Programme $programme, Person $person, Role $role): void
    {
        $this->alone($programme, $person, $role, fn (): mixed => $programme->people()->updateExistingPivot($person->id, ['role' => $role->value]));
    }

    /** Another becomes the organiser, and whoever was one a builder: both or neither. */
    public function handOver(Programme $programme, Person $from, Person $to): void
    {
        DB::transaction(function () use ($programme, $from, $to): void {
            $this->change($programme, $to, Role::Organiser);
            $this->change($programme, $from, Role::Builder);
        });
    }

    /** @throws LastOrganiser */
    public function remove(Programme $programme, Person $person): void
    {
        $this->alone($programme, $person, null, fn (): mixed => $programme->people()->detach($person->id));
    }

    /**
     * One after the other, so that two organisers do not remove each other at once.
     *
     * @param  callable(): mixed  $change
     */
    private function alone(Programme $programme, Person $person, ?Role $role, callable $change): void
    {
        DB::transaction(function () use ($programme, $person, $role, $change): void {
            $programme->newQuery()->whereKey($programme->id)->lockForUpdate()->firstOrFail();
            $others = $programme->people()->wherePivot('role', Role::Organiser->value)->where('people.id', '!=', $person->id)->count();
            if ($role !== Role::Organiser && $others === 0) {
                throw new LastOrganiser;
            }
            $change();
        });
    }
}
