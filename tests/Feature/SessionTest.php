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

    public function test_a_session_is_written_when_something_in_it_changed_or_once_in_a_while(): void
    {
        config(['session.driver' => 'file']);
        $answer = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk();
        $kept = fn (): string => (string) file_get_contents(config()->string('session.files').'/'.$this->app['session']->getId());
        // As it is written each time with another key, the same bytes mean that it was not written.
        $begun = $kept();
        $this->withCredentials()->withCookie('jornel_session', (string) $answer->getCookie('jornel_session')?->getValue());

        $this->getJson('/api/v1/programmes')->assertOk();
        self::assertSame($begun, $kept());
        $this->travel(2)->hours();
        $this->getJson('/api/v1/programmes')->assertOk();
        $later = $kept();
        self::assertNotSame($begun, $later);
        $this->getJson('/api/v1/programmes')->assertOk();
        self::assertSame($later, $kept());
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
