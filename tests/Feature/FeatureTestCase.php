<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** Tests against a migrated and seeded MariaDB; each one leaves it as it found it. */
abstract class FeatureTestCase extends TestCase
{
    use DatabaseTransactions;

    protected const CHOICES = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape', 'corners' => 'shroud', 'units' => 1, 'speed' => ''];

    protected const ENTRIES = ['name' => 'Loft', 'use' => 'office', 'length' => "27' 6\"", 'width' => '8,4 m', 'height' => '9', 'people' => '6', 'pollutant' => 'wildfire-pm25', 'noise_limit' => '', 'has_fuel_burning' => false];

    /** Somebody else comes in a session of their own: the mark of the password in it is not theirs. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->app['session']->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    protected function person(Role $role = Role::Organiser, ?Programme $programme = null): Person
    {
        $person = Person::factory()->create();
        $programme?->people()->attach($person->id, ['role' => $role->value]);

        return $person;
    }

    protected function room(): Room
    {
        return Room::factory()->for(Site::factory()->for(Programme::factory()))->create();
    }

    /** A question to the interface with one value of it changed, by its path. */
    protected function evaluation(string $path = '', mixed $value = null): array
    {
        $question = ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'unit' => self::CHOICES];
        if ($path !== '') {
            data_set($question, $path, $value);
        }

        return $question;
    }

    /** @param  list<string>  $fields */
    protected function assertFaults(TestResponse $response, array $fields): void
    {
        $response->assertUnprocessable();
        self::assertEqualsCanonicalizing($fields, array_keys($response->json('errors')));
        foreach ($response->json('errors') as $said) {
            self::assertNotSame('', $said[0]);
        }
        self::assertArrayNotHasKey('trace', $response->json());
    }
}
