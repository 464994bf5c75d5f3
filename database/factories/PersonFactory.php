<?php

namespace Database\Factories;

use App\Models\Person;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Person> */
class PersonFactory extends Factory
{
    protected $model = Person::class;

    public function definition(): array
    {
        static $number = 0;
        $number++;

        return ['name' => "Person {$number}", 'email' => "person{$number}@example.test", 'password' => 'a long enough word', 'measure' => 'imperial'];
    }
}
