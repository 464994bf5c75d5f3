<?php

namespace App\Actions;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Facades\DB;

/** A programme of somebody’s own, with them as its organiser. */
final readonly class BeginProgramme
{
    public function __construct(private Passwords $passwords)
    {
    }

    public function __invoke(Person $person, string $name): Programme
    {
        return DB::transaction(function () use ($person, $name): Programme {
            $person->save();
            $programme = Programme::query()->create(['name' => $name]);
            $programme->people()->attach($person->id, ['role' => Role::Organiser->value]);

            $this->passwords->withdraw($person);
            Remember::that('programme_begun', $programme->id, null, [], $person);

            return $programme;
        });
    }
}
