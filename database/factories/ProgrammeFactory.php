<?php

namespace Database\Factories;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Programme> */
class ProgrammeFactory extends Factory
{
    protected $model = Programme::class;

    public function definition(): array
    {
        return ['name' => 'A programme', 'about' => '', 'currency' => 'EUR'];
    }

    public function with(Person $person, Role $role): self
    {
        return $this->afterCreating(fn (Programme $programme) => $programme->people()->attach($person->id, ['role' => $role->value]));
    }
}
