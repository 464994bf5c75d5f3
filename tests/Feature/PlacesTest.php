<?php

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;

/** Programmes, sites and rooms as a whole: begun, archived, put in order, made again, moved, deleted and brought back. */
class PlacesTest extends FeatureTestCase
{
    private Room $room;

    private Programme $programme;

    private Person $organiser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->room = $this->room();
        $this->programme = $this->room->site->programme;
        $this->organiser = $this->person(Role::Organiser, $this->programme);
        $this->actingAs($this->organiser);
        $this->putJson("/api/v1/rooms/{$this->room->id}", ['room' => ['name' => 'Classroom 1'] + self::ENTRIES, 'goal' => 'air-changes-5', 'revision' => 1])->assertOk();
        $this->postJson("/api/v1/rooms/{$this->room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->assertCreated();
    }

    public function test_a_room_is_made_again_with_its_build_and_what_stands_there(): void
    {
        $copies = $this->postJson("/api/v1/rooms/{$this->room->id}/copies", ['count' => 12, 'name' => 'Classroom #', 'from' => 2])->assertCreated()->json();
        self::assertSame(array_map(fn (int $number): string => "Classroom {$number}", range(2, 13)), array_column($copies, 'name'));

        $own = $this->getJson("/api/v1/rooms/{$this->room->id}")->json();
        $copy = $this->getJson("/api/v1/rooms/{$copies[11]['id']}")->assertOk()->json();
        self::assertSame(['name' => 'Classroom 13'] + $own['entries'], ['name' => $copy['entries']['name']] + $copy['entries']);
        self::assertSame([$own['goal'], 1], [$copy['goal'], $copy['revision']]);
        self::assertSame(['Cube', 1], [$copy['builds'][0]['name'], $copy['builds'][0]['latest']['number']]);
        self::assertSame($copy['builds'][0]['id'], $copy['placements'][0]['build']);
        self::assertNotSame($own['builds'][0]['id'], $copy['builds'][0]['id']);
        $version = $this->getJson("/api/v1/versions/{$copy['builds'][0]['latest']['id']}")->assertOk()->assertJsonPath('room.name', 'Classroom 13')->json('ledger');
        self::assertSame($this->getJson("/api/v1/versions/{$own['builds'][0]['latest']['id']}")->json('ledger.unit'), $version['unit']);
        // All of them do what the first does.
        $cards = $this->getJson("/api/v1/programmes/{$this->programme->id}")->json('sites.0.rooms');
        self::assertCount(13, $cards);
        self::assertSame([$cards[0]['chance']], array_values(array_unique(array_column($cards, 'chance'))));
    }

    public function test_several_rooms_need_a_number_in_their_name(): void
    {
        $path = "/api/v1/rooms/{$this->room->id}/copies";
        $this->assertFaults($this->postJson($path, ['count' => 2, 'name' => 'Classroom', 'from' => 1]), ['name']);
        $this->assertFaults($this->postJson($path, ['count' => 41, 'name' => '#', 'from' => -1]), ['count', 'from']);
        $this->postJson($path, ['count' => 1, 'name' => 'Library', 'from' => 1])->assertCreated()->assertJsonPath('0.name', 'Library');
    }

    public function test_a_room_goes_to_another_site_and_its_doors_are_closed(): void
    {
        $neighbour = Room::factory()->for($this->room->site)->create(['furnishings' => [['kind' => 'door', 'x' => 0, 'y' => 1, 'leads_to' => (string) $this->room->id], ['kind' => 'door', 'x' => 3, 'y' => 1, 'leads_to' => '99']]]);
        $other = $this->programme->sites()->create(['name' => 'Annexe']);
        $this->putJson("/api/v1/rooms/{$this->room->id}/site", ['site' => $other->id])->assertNoContent();

        $this->getJson("/api/v1/rooms/{$this->room->id}")->assertJsonPath('site', 'Annexe')->assertJsonPath('revision', 3);
        self::assertSame(['', '99'], array_column($neighbour->refresh()->furnishings ?? [], 'leads_to'));
        $foreign = $this->room()->site;
        $this->assertFaults($this->putJson("/api/v1/rooms/{$this->room->id}/site", ['site' => $foreign->id]), ['site']);
    }

    public function test_sites_are_put_in_order(): void
    {
        $names = fn (): array => array_column($this->getJson("/api/v1/programmes/{$this->programme->id}")->json('sites'), 'name');
        $first = $this->room->site;
        [$second, $third] = [$this->programme->sites()->create(['name' => 'B']), $this->programme->sites()->create(['name' => 'C'])];
        self::assertSame([$first->name, 'B', 'C'], $names());
        $this->putJson("/api/v1/programmes/{$this->programme->id}/site-order", ['sites' => [$third->id, $first->id, $second->id]])->assertNoContent();
        self::assertSame(['C', $first->name, 'B'], $names());

        foreach ([[$third->id, $first->id], [$third->id, $first->id, $second->id, $this->room()->site_id], [$third->id, $third->id, $first->id]] as $wrong) {
            $this->putJson("/api/v1/programmes/{$this->programme->id}/site-order", ['sites' => $wrong])->assertUnprocessable();
        }
        self::assertSame(['C', $first->name, 'B'], $names());
    }

    public function test_what_was_deleted_is_listed_and_brought_back_with_what_it_had(): void
    {
        $early = Room::factory()->for($this->room->site)->create(['name' => 'Gone before']);
        $this->deleteJson("/api/v1/rooms/{$early->id}")->assertNoContent();
        $this->travel(5)->minutes();
        $site = $this->room->site;
        $this->deleteJson("/api/v1/sites/{$site->id}")->assertNoContent();
        $this->getJson("/api/v1/rooms/{$this->room->id}")->assertNotFound();
        $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertJsonPath('sites', []);
        $deleted = "/api/v1/programmes/{$this->programme->id}/deleted";
        self::assertSame([['site', $site->name]], array_map(fn (array $one): array => [$one['kind'], $one['name']], $this->getJson($deleted)->assertOk()->json('items')));
        $this->deleteJson("/api/v1/rooms/{$early->id}/deletion")->assertConflict();

        $this->deleteJson("/api/v1/sites/{$site->id}/deletion")->assertNoContent();
        $this->getJson("/api/v1/rooms/{$this->room->id}")->assertOk();
        self::assertSame([['room', 'Gone before', $site->name]], array_map(fn (array $one): array => [$one['kind'], $one['name'], $one['of']], $this->getJson($deleted)->json('items')));
        $this->deleteJson("/api/v1/rooms/{$early->id}/deletion")->assertNoContent();
        $this->getJson($deleted)->assertJsonPath('items', []);
        self::assertSame(2, $this->getJson("/api/v1/programmes/{$this->programme->id}")->json('sites.0.room_count'));
    }

    public function test_a_further_programme_is_begun_by_whoever_has_one(): void
    {
        $id = $this->postJson('/api/v1/programmes', ['name' => 'Second'])->assertCreated()->json('id');
        $this->getJson("/api/v1/programmes/{$id}")->assertJsonPath('role', 'organiser');
        self::assertContains('Second', array_column($this->getJson('/api/v1/programmes')->json(), 'name'));
        $this->assertFaults($this->postJson('/api/v1/programmes', ['name' => '']), ['name']);
        config(['jornel.registration' => false]);
        $this->postJson('/api/v1/programmes', ['name' => 'Third'])->assertForbidden();
    }

    public function test_an_archived_programme_is_looked_at_and_not_changed_until_it_is_taken_out(): void
    {
        $path = "/api/v1/programmes/{$this->programme->id}";
        $builder = $this->person(Role::Builder, $this->programme);
        $this->putJson("{$path}/archive")->assertNoContent();

        $this->actingAs(Person::query()->findOrFail($this->organiser->id));
        $this->getJson($path)->assertOk()->assertJson(['role' => 'reader', 'is_archived' => true, 'may_revive' => true]);
        $this->getJson("/api/v1/rooms/{$this->room->id}")->assertOk();
        $this->postJson("{$path}/sites", ['name' => 'Late'])->assertForbidden()->assertJsonPath('message', 'This programme is archived: it is looked at and not changed. An organiser can bring it back.');
        $this->actingAs($builder)->deleteJson("{$path}/archive")->assertForbidden();
        $this->getJson($path)->assertJson(['may_revive' => false]);

        $this->actingAs(Person::query()->findOrFail($this->organiser->id))->deleteJson("{$path}/archive")->assertNoContent();
        $this->actingAs(Person::query()->findOrFail($this->organiser->id));
        $this->postJson("{$path}/sites", ['name' => 'Late'])->assertCreated();
    }

    public function test_who_did_what_when_is_listed_for_programme_and_room(): void
    {
        $path = "/api/v1/programmes/{$this->programme->id}";
        $this->deleteJson("/api/v1/rooms/{$this->room->id}")->assertNoContent();
        $this->deleteJson("/api/v1/rooms/{$this->room->id}/deletion")->assertNoContent();
        $builder = $this->person(Role::Builder, $this->programme);
        $this->actingAs($builder)->postJson("{$path}/sites", ['name' => 'Annexe'])->assertCreated();
        $this->postJson("{$path}/stock", ['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => 4])->assertCreated();

        $all = $this->getJson("{$path}/activities")->assertOk()->assertJsonPath('has_earlier', false)->json('activities');
        self::assertSame([
            [$builder->name, 'bought 4 × Box fan 20 in, plain'],
            [$builder->name, 'added the site “Annexe”'],
            [$this->organiser->name, 'brought the room “Classroom 1” back'],
            [$this->organiser->name, 'deleted the room “Classroom 1”'],
            [$this->organiser->name, 'designed “Cube” for “Classroom 1”'],
            [$this->organiser->name, 'changed the room “Classroom 1”'],
        ], array_map(fn (array $one): array => [$one['person'], $one['text']], $all));
        self::assertCount(4, $this->getJson("{$path}/activities?room={$this->room->id}")->json('activities'));
        self::assertCount(2, $this->getJson("{$path}/activities?before={$all[3]['id']}")->json('activities'));
        // Of a write that was refused nothing is told.
        $this->assertFaults($this->postJson("{$path}/sites", ['name' => 'Annexe']), ['name']);
        self::assertCount(6, $this->getJson("{$path}/activities")->json('activities'));
        $this->actingAs($this->person())->getJson("{$path}/activities")->assertNotFound();
    }

    public function test_every_sentence_of_what_somebody_did_has_its_words(): void
    {
        $code = '';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(app_path(), \FilesystemIterator::SKIP_DOTS)) as $file) {
            $code .= file_get_contents((string) $file);
        }
        preg_match_all("/Remember::that\((?:[^,']*\? )?'(\w+)'(?: : '(\w+)')?/", $code, $found);
        $events = array_filter(array_unique([...$found[1], ...$found[2]]));
        self::assertEqualsCanonicalizing(array_keys((array) trans('activity')), $events);
    }
}
