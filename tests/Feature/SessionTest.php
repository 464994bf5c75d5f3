<?php

namespace Tests\Feature;

use App\Models\Person;

class SessionTest extends FeatureTestCase
{
    public function test_the_demo_organiser_signs_in_and_out(): void
    {
        $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk()->assertJsonPath('name', 'Wren Halloway');
        $this->getJson('/api/v1/session')->assertOk();
        $this->deleteJson('/api/v1/session')->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/v1/session')->assertUnauthorized();
    }

    public function test_a_wrong_password_is_told_at_its_field_and_does_not_tell_who_exists(): void
    {
        $known = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'wrong']);
        $unknown = $this->postJson('/api/v1/session', ['email' => 'nobody@alderfen.example', 'password' => 'wrong']);

        $this->assertFaults($known, ['email']);
        self::assertSame($known->json(), $unknown->json());
    }

    public function test_guessing_is_slowed_down(): void
    {
        for ($try = 0; $try < 5; $try++) {
            $this->postJson('/api/v1/session', ['email' => 'guess@alderfen.example', 'password' => "guess{$try}"])->assertUnprocessable();
        }
        $this->postJson('/api/v1/session', ['email' => 'guess@alderfen.example', 'password' => 'again'])->assertTooManyRequests();
        $this->postJson('/api/v1/session', ['email' => 'other@alderfen.example', 'password' => 'again'])->assertUnprocessable();
    }

    public function test_the_measure_is_kept_with_the_person(): void
    {
        $person = $this->person();
        $this->actingAs($person)->patchJson('/api/v1/session', ['measure' => 'metric'])->assertOk()->assertJsonPath('measure', 'metric');
        self::assertSame('metric', Person::query()->findOrFail($person->id)->measure->value);
        $this->assertFaults($this->actingAs($person)->patchJson('/api/v1/session', ['measure' => 'cubits']), ['measure']);
    }

    public function test_passwords_are_not_kept_readable(): void
    {
        $person = $this->person();

        self::assertStringStartsWith('$2y$', $person->getAuthPassword());
        self::assertArrayNotHasKey('password', $person->toArray());
    }
}
