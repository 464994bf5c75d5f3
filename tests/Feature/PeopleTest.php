<?php

namespace Tests\Feature;

use App\Actions\Members;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use PHPUnit\Framework\Attributes\TestWith;

class PeopleTest extends FeatureTestCase
{
    private const NEW = ['name' => 'Tamsin Weir', 'email' => 'tamsin@reedbank.example', 'password' => 'a long enough one'];

    private Programme $programme;

    private Person $organiser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->programme = Programme::factory()->create();
        $this->organiser = $this->person(Role::Organiser, $this->programme);
    }

    #[TestWith(['builder', 'Adds and changes rooms, builds, parts and stock.'])]
    #[TestWith(['reader', 'Looks at everything and changes nothing.'])]
    public function test_a_link_brings_one_person_in_once_and_in_its_role(string $role, string $rights): void
    {
        $link = $this->link($role);
        $this->app['auth']->forgetGuards();

        $this->getJson($link)->assertOk()->assertExactJson(['programme' => $this->programme->name, 'role' => ucfirst($role), 'rights' => $rights, 'by' => $this->organiser->name]);
        $this->assertFaults($this->postJson($link, ['password' => 'short'] + self::NEW), ['password']);
        $this->postJson($link, self::NEW)->assertOk()->assertJsonPath('email', 'tamsin@reedbank.example');
        $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertOk()->assertJsonPath('role', $role);
        $this->getJson($link)->assertNotFound()->assertJsonPath('message', 'This link was used already, withdrawn, or is too old. Ask an organiser for another.');
    }

    public function test_whoever_has_an_account_comes_in_with_it(): void
    {
        $link = $this->link('reader');
        $person = $this->person();
        $this->assertFaults($this->actingAs($person)->postJson($link, self::NEW), ['name', 'email', 'password']);
        $this->postJson($link)->assertOk();

        self::assertSame(Role::Reader, Person::query()->findOrFail($person->id)->roleIn($this->programme->id));
    }

    public function test_a_member_who_uses_a_link_keeps_their_role(): void
    {
        $this->actingAs($this->organiser)->postJson($this->link('reader'))->assertOk();

        self::assertSame(Role::Organiser, Person::query()->findOrFail($this->organiser->id)->roleIn($this->programme->id));
    }

    public function test_a_link_expires_and_can_be_withdrawn(): void
    {
        $link = $this->link('builder');
        $this->travel(Invitation::DAYS + 1)->days();
        $this->getJson($link)->assertNotFound();
        $this->travelBack();
        $this->getJson($link)->assertOk();
        $open = $this->actingAs($this->organiser)->getJson($this->path('people'))->assertOk()->json('invitations');
        self::assertSame(['builder'], array_column($open, 'role'));
        $this->deleteJson("/api/v1/invitations/{$open[0]['id']}")->assertNoContent();
        $this->getJson($link)->assertNotFound();
        $this->postJson($link)->assertNotFound();
    }

    public function test_the_records_do_not_hold_what_a_link_is_made_of(): void
    {
        $link = $this->link('builder');

        self::assertStringNotContainsString(basename($link), Invitation::query()->get()->toJson());
    }

    public function test_roles_change_and_the_last_organiser_stays(): void
    {
        $builder = $this->person(Role::Builder, $this->programme);
        $this->actingAs($this->organiser);
        $this->assertFaults($this->patchJson($this->path("people/{$this->organiser->id}"), ['role' => 'reader']), ['role']);
        $this->deleteJson($this->path("people/{$this->organiser->id}"))->assertUnprocessable()->assertJsonPath('message', 'This is the last organiser. Make somebody else an organiser first.');

        $handedOver = $this->patchJson($this->path("people/{$builder->id}"), ['role' => 'organiser'])->assertOk()->json('people');
        self::assertSame('organiser', array_column($handedOver, 'role', 'id')[$builder->id]);
        $this->deleteJson($this->path("people/{$this->organiser->id}"))->assertNoContent();
        $this->actingAs(Person::query()->findOrFail($this->organiser->id))->getJson($this->path('people'))->assertNotFound();
    }

    public function test_members_see_who_is_there_and_only_organisers_see_addresses_and_invitations(): void
    {
        $this->link('builder');
        $reader = $this->person(Role::Reader, $this->programme);
        $seen = $this->actingAs($reader)->getJson($this->path('people'))->assertOk();

        self::assertSame([[], ['', '']], [$seen->json('invitations'), array_column($seen->json('people'), 'email')]);
        self::assertSame([true], array_values(array_filter(array_column($seen->json('people'), 'is_you'))));
        self::assertCount(3, $seen->json('roles'));
        $this->deleteJson($this->path("people/{$this->organiser->id}"))->assertForbidden();
        $this->deleteJson($this->path("people/{$reader->id}"))->assertNoContent();
    }

    public function test_nobody_of_another_programme_can_be_named(): void
    {
        $stranger = $this->person();
        $this->actingAs($this->organiser)->patchJson($this->path("people/{$stranger->id}"), ['role' => 'builder'])->assertNotFound();
        $this->deleteJson($this->path("people/{$stranger->id}"))->assertNotFound();
    }

    public function test_programme_and_sites_are_renamed_by_those_who_may(): void
    {
        $site = $this->programme->sites()->create(['name' => 'Boathouse']);
        $this->programme->sites()->create(['name' => 'Chapel']);
        $builder = $this->person(Role::Builder, $this->programme);
        $this->actingAs($builder)->patchJson("/api/v1/programmes/{$this->programme->id}", ['name' => 'Theirs'])->assertForbidden();
        $this->patchJson("/api/v1/sites/{$site->id}", ['name' => 'Boat shed'])->assertNoContent();
        $this->patchJson("/api/v1/sites/{$site->id}", ['name' => 'Boat shed'])->assertNoContent();
        $this->assertFaults($this->patchJson("/api/v1/sites/{$site->id}", ['name' => 'Chapel']), ['name']);

        $this->actingAs($this->organiser)->patchJson("/api/v1/programmes/{$this->programme->id}", ['name' => ' Reed Bank '])->assertNoContent();
        $this->assertFaults($this->patchJson("/api/v1/programmes/{$this->programme->id}", ['name' => '']), ['name']);
        $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertJsonPath('name', 'Reed Bank')->assertJsonPath('sites.0.name', 'Boat shed');
    }

    public function test_a_programme_is_handed_over(): void
    {
        $heir = $this->person(Role::Reader, $this->programme);
        $path = "/api/v1/programmes/{$this->programme->id}/people";
        $this->actingAs($this->organiser);
        $this->assertFaults($this->postJson("{$path}/{$this->organiser->id}/hand-over"), ['person']);
        $this->postJson("{$path}/{$this->person()->id}/hand-over")->assertNotFound();
        $this->postJson("{$path}/{$heir->id}/hand-over")->assertNoContent();

        $roles = array_column($this->actingAs($heir)->getJson($path)->assertOk()->json('people'), 'role', 'id');
        self::assertSame(['organiser', 'builder'], [$roles[$heir->id], $roles[$this->organiser->id]]);
    }

    private function link(string $role): string
    {
        [, $token] = $this->app->make(Members::class)->invite($this->programme, $this->organiser, Role::from($role));

        return "/api/v1/entrances/{$token}";
    }

    private function path(string $what): string
    {
        return "/api/v1/programmes/{$this->programme->id}/{$what}";
    }
}
