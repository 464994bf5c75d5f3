<?php

namespace Tests\Feature;

use App\Actions\SignIn;
use App\Models\Person;
use ErrorException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Mockery;
use PHPUnit\Framework\Attributes\TestWith;
use SessionHandlerInterface;

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

    public function test_where_there_is_no_room_for_sessions_nobody_new_comes_in_and_whoever_is_in_goes_on(): void
    {
        config(['session.driver' => 'file']);
        $answer = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk();
        $this->withCredentials()->withCookie('jornel_session', (string) $answer->getCookie('jornel_session')?->getValue());
        $this->getJson('/api/v1/programmes')->assertOk();
        // As on a full disk: reading goes on, writing fails.
        $handler = $this->app['session']->getHandler();
        $full = Mockery::mock(SessionHandlerInterface::class);
        $full->shouldReceive('read')->andReturnUsing(fn (string $id): string => (string) $handler->read($id));
        $full->shouldReceive('write')->andThrow(new ErrorException('No space left on device'));
        $full->shouldReceive('destroy', 'gc', 'open', 'close')->andReturnTrue();
        $this->app['session']->driver()->setHandler($full);
        $this->travel(2)->hours();
        $this->getJson('/api/v1/programmes')->assertOk();

        $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertStatus(503)->assertHeader('Retry-After', '5');
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

    #[TestWith(['WREN@alderfen.example'])]
    #[TestWith([' wren@alderfen.example '])]
    #[TestWith(['ｗren@alderfen.example'])]
    public function test_other_ways_of_writing_an_address_are_the_same_person_and_the_same_tries(string $written): void
    {
        for ($try = 0; $try < SignIn::FOR_AN_ACCOUNT; $try++) {
            $this->postJson('/api/v1/session', ['email' => $try % 2 === 0 ? $written : 'wren@alderfen.example', 'password' => "guess{$try}"])->assertUnprocessable();
        }
        $this->postJson('/api/v1/session', ['email' => $written, 'password' => 'reed-and-willow'])->assertTooManyRequests()->assertHeader('Retry-After');
        $this->travel(61)->seconds();
        $this->postJson('/api/v1/session', ['email' => $written, 'password' => 'reed-and-willow'])->assertOk();
    }

    public function test_an_address_with_an_accent_is_another_address(): void
    {
        $this->assertFaults($this->postJson('/api/v1/session', ['email' => 'wrén@alderfen.example', 'password' => 'reed-and-willow']), ['email']);
    }

    public function test_tries_from_one_machine_are_counted_over_all_addresses(): void
    {
        for ($try = 0; $try < SignIn::FROM_A_MACHINE; $try++) {
            $this->postJson('/api/v1/session', ['email' => "guess{$try}@alderfen.example", 'password' => 'guess'])->assertUnprocessable();
        }
        $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertTooManyRequests();
    }

    public function test_whoever_knows_the_password_may_come_and_go(): void
    {
        for ($time = 0; $time < 2 * SignIn::FOR_AN_ACCOUNT; $time++) {
            $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk();
        }
    }

    public function test_a_try_counts_before_the_password_is_looked_at(): void
    {
        $counted = null;
        Hash::shouldReceive('make')->andReturn('$2y$04$nobody');
        Hash::shouldReceive('check')->once()->andReturnUsing(function () use (&$counted): bool {
            $counted = RateLimiter::attempts('sign-in:account:'.hash('sha256', 'nobody@alderfen.example'));

            return false;
        });

        // A password is checked once for an address that nobody has, as for one that somebody has.
        self::assertNull((new SignIn)('nobody@alderfen.example', 'guess', '192.0.2.1'));
        self::assertSame(1, $counted);
    }

    public function test_junk_from_nobody_is_refused_and_breaks_nothing(): void
    {
        $this->getJson('/api/v1/session', ['Authorization' => 'Bearer x'])->assertUnauthorized();
        $this->getJson('/api/v1/programmes/1', ['Authorization' => 'Bearer '.str_repeat('x|', 300)])->assertUnauthorized();
        $this->assertFaults($this->postJson('/api/v1/session', ['email' => [], 'password' => ['a' => 1]]), ['email', 'password', 'password.a']);
        $this->assertFaults($this->postJson('/api/v1/session', ['email' => "a\0b", 'password' => 'x']), ['email']);
    }

    public function test_staying_signed_in_is_a_choice_for_thirty_days(): void
    {
        $recaller = Auth::guard('web')->getRecallerName();
        $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk()->assertCookieMissing($recaller);
        $cookie = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow', 'remember' => true])->assertOk()->getCookie($recaller);

        self::assertEqualsWithDelta(30 * 86400, $cookie->getExpiresTime() - now()->getTimestamp(), 60);
        self::assertTrue($cookie->isHttpOnly());
    }

    public function test_cookies_are_for_tls_alone_where_the_request_came_over_it(): void
    {
        $plain = $this->get('/sanctum/csrf-cookie')->getCookie('jornel_session', false);
        $safe = $this->get('https://localhost/sanctum/csrf-cookie')->getCookie('jornel_session', false);

        self::assertSame([false, true], [$plain->isSecure(), $safe->isSecure()]);
    }

    public function test_nothing_is_kept_of_visitors_who_pass_by(): void
    {
        config(['session.driver' => 'file']);
        $kept = fn (): int => count(glob(config()->string('session.files').'/*') ?: []);
        $before = $kept();
        $this->getJson('/api/v1/session')->assertUnauthorized()->assertCookieMissing('jornel_session')->assertCookieMissing('XSRF-TOKEN');
        $this->get('/')->assertOk();

        self::assertSame($before, $kept());
    }

    public function test_nothing_is_written_as_anybody_but_whom_the_page_belongs_to(): void
    {
        [$first, $second] = [$this->person(), $this->person()];
        $this->actingAs($second)->patchJson('/api/v1/session', ['colours' => 'dark'], ['X-Jornel-Person' => (string) $first->id])->assertUnauthorized();
        self::assertNull(Person::query()->findOrFail($second->id)->colours);
        $this->patchJson('/api/v1/session', ['colours' => 'dark'], ['X-Jornel-Person' => (string) $second->id])->assertOk()->assertHeader('X-Jornel-Person', (string) $second->id);
        $this->getJson('/api/v1/session')->assertJsonPath('id', $second->id)->assertHeader('X-Jornel-Person', (string) $second->id);
    }

    public function test_colours_are_kept_with_the_person(): void
    {
        $person = $this->person();
        $this->actingAs($person)->getJson('/api/v1/session')->assertJsonPath('colours', null);
        $this->patchJson('/api/v1/session', ['colours' => 'dark'])->assertOk()->assertJsonPath('colours', 'dark')->assertJsonPath('measure', 'imperial');
        $this->getJson('/api/v1/session')->assertJsonPath('colours', 'dark');
        $this->assertFaults($this->patchJson('/api/v1/session', ['colours' => 'green', 'measure' => 'metric']), ['colours']);
        $this->assertFaults($this->patchJson('/api/v1/session', []), ['measure']);
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
