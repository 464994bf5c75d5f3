<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\TestWith;

class AccountTest extends FeatureTestCase
{
    private const NEW = ['programme' => 'Reed Bank Air', 'name' => 'Tamsin Weir', 'email' => 'Tamsin@Reedbank.example', 'password' => 'a long enough one'];

    public function test_a_programme_is_begun_by_its_organiser_who_is_signed_in(): void
    {
        $this->getJson('/api/v1/beginning')->assertOk()->assertExactJson(['is_empty' => false, 'demo' => true, 'registration' => true, 'mail' => false]);
        $this->postJson('/api/v1/beginning', self::NEW)->assertCreated()->assertJsonPath('email', 'tamsin@reedbank.example')->assertJsonPath('measure', 'imperial');

        $programmes = $this->getJson('/api/v1/programmes')->assertOk()->json();
        self::assertSame(['Reed Bank Air'], array_column($programmes, 'name'));
        $this->getJson("/api/v1/programmes/{$programmes[0]['id']}")->assertOk()->assertJsonPath('role', 'organiser')->assertJsonPath('sites', []);
        $this->postJson("/api/v1/programmes/{$programmes[0]['id']}/sites", ['name' => 'Boathouse'])->assertCreated();
    }

    #[TestWith(['password', 'eleven char', 'A password has twelve characters or more.'])]
    #[TestWith(['email', 'nobody', 'This is no email address.'])]
    #[TestWith(['email', 'WREN@alderfen.example', 'There is an account with this address already. Sign in with it.'])]
    #[TestWith(['programme', ' ', 'Give the programme a name.'])]
    #[TestWith(['name', '', 'Say who you are.'])]
    public function test_what_is_wrong_with_it_is_told_at_its_field_and_nothing_is_begun(string $field, string $given, string $said): void
    {
        $before = Programme::query()->count();
        $refused = $this->postJson('/api/v1/beginning', [$field => $given] + self::NEW);

        $this->assertFaults($refused, [$field]);
        self::assertSame($said, $refused->json("errors.{$field}.0"));
        self::assertSame($before, Programme::query()->count());
    }

    public function test_where_registration_is_closed_only_the_very_first_programme_is_begun(): void
    {
        config(['jornel.registration' => false]);
        $this->getJson('/api/v1/beginning')->assertJsonPath('registration', false);
        $this->postJson('/api/v1/beginning', self::NEW)->assertForbidden();
        DB::table('people')->delete();
        $this->getJson('/api/v1/beginning')->assertExactJson(['is_empty' => true, 'demo' => false, 'registration' => true, 'mail' => false]);
        $this->postJson('/api/v1/beginning', self::NEW)->assertCreated();
        $this->postJson('/api/v1/beginning', ['email' => 'other@reedbank.example'] + self::NEW)->assertForbidden();
    }

    public function test_the_demo_is_looked_round_in_with_one_click_where_there_is_one(): void
    {
        $this->postJson('/api/v1/demo')->assertOk()->assertJsonPath('name', 'Wren Halloway');
        config(['jornel.demo' => false]);
        $this->postJson('/api/v1/demo')->assertNotFound();
    }

    public function test_name_and_address_are_changed_with_the_password(): void
    {
        $person = $this->person();
        $this->actingAs($person);
        $change = ['name' => 'New Name', 'email' => 'New@alderfen.example', 'current_password' => 'password'];
        $person->forceFill(['password' => 'password'])->save();

        $this->assertFaults($this->putJson('/api/v1/account', ['current_password' => 'wrong'] + $change), ['current_password']);
        $this->assertFaults($this->putJson('/api/v1/account', ['email' => 'wren@alderfen.example'] + $change), ['email']);
        $this->putJson('/api/v1/account', $change)->assertOk()->assertJsonPath('name', 'New Name')->assertJsonPath('email', 'new@alderfen.example');
        $this->putJson('/api/v1/account', $change)->assertOk();
    }

    public function test_a_new_password_ends_all_other_sessions_and_keeps_this_one(): void
    {
        $there = $this->signedIn();
        $here = $this->signedIn();
        $this->as_($there)->getJson('/api/v1/session')->assertOk();

        $this->as_($here)->putJson('/api/v1/account', ['name' => 'Wren Halloway', 'email' => 'wren@alderfen.example', 'current_password' => 'reed-and-willow', 'password' => 'sedge and bulrush'])->assertOk();
        $this->as_($here)->getJson('/api/v1/session')->assertOk();
        $this->as_($there)->getJson('/api/v1/session')->assertUnauthorized();
        self::assertTrue(Hash::check('sedge and bulrush', Person::query()->where('email', 'wren@alderfen.example')->firstOrFail()->getAuthPassword()));
    }

    public function test_signing_out_everywhere_ends_all_other_sessions_and_asks_for_the_password(): void
    {
        $there = $this->signedIn();
        $here = $this->signedIn();
        $this->assertFaults($this->as_($here)->deleteJson('/api/v1/account/sessions', ['current_password' => 'wrong']), ['current_password']);
        $this->as_($there)->getJson('/api/v1/session')->assertOk();

        $this->as_($here)->deleteJson('/api/v1/account/sessions', ['current_password' => 'reed-and-willow'])->assertNoContent();
        $this->as_($here)->getJson('/api/v1/session')->assertOk();
        $this->as_($there)->getJson('/api/v1/session')->assertUnauthorized();
    }

    public function test_the_console_makes_an_organiser_and_resets_a_password(): void
    {
        $this->artisan('jornel:organiser', ['email' => 'Isa@reedbank.example'])->expectsOutputToContain('Nobody has this address')->assertFailed();
        $this->artisan('jornel:organiser', ['email' => 'Isa@reedbank.example', '--name' => 'Isa Fenn', '--programme' => 'Reed Bank'])->expectsOutputToContain('Password of Isa@reedbank.example')->assertSuccessful();
        $isa = Person::query()->where('email', 'isa@reedbank.example')->firstOrFail();
        $programme = $isa->programmes()->firstOrFail();
        self::assertSame(Role::Organiser, $isa->roleIn($programme->id));
        $this->artisan('jornel:organiser', ['email' => 'wren@alderfen.example', '--programme' => (string) $programme->id])->doesntExpectOutputToContain('Password')->assertSuccessful();
        self::assertSame(2, $programme->people()->count());
        $this->artisan('jornel:organiser', ['email' => 'wren@alderfen.example', '--programme' => '999999'])->assertFailed();

        $before = $isa->getAuthPassword();
        $this->artisan('jornel:password', ['email' => 'isa@reedbank.example'])->assertSuccessful();
        self::assertNotSame($before, $isa->refresh()->getAuthPassword());
        $this->artisan('jornel:password', ['email' => 'nobody@reedbank.example'])->assertFailed();
    }

    /** @return array<string, string> cookies of a session of its own */
    private function signedIn(): array
    {
        config(['session.driver' => 'file']);
        $this->defaultCookies = [];
        $this->app['auth']->forgetGuards();
        $this->app['session']->flush();
        $answer = $this->postJson('/api/v1/session', ['email' => 'wren@alderfen.example', 'password' => 'reed-and-willow'])->assertOk();

        return ['jornel_session' => (string) $answer->getCookie('jornel_session')?->getValue()];
    }

    /** @param  array<string, string>  $cookies */
    private function as_(array $cookies): static
    {
        $this->app['auth']->forgetGuards();

        return $this->withCredentials()->withCookies($cookies);
    }
}
