<?php

namespace Tests\Feature;

use App\Models\Role;

class DraftTest extends FeatureTestCase
{
    public function test_what_is_not_saved_is_kept_for_whoever_made_it_and_for_nobody_else(): void
    {
        $room = $this->room();
        [$mine, $other] = [$this->person(Role::Builder, $room->site->programme), $this->person(Role::Builder, $room->site->programme)];
        $this->actingAs($mine)->getJson("/api/v1/rooms/{$room->id}/draft")->assertOk()->assertExactJson(['work' => null, 'kept_at' => null]);
        $this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => '{"goal":"room-size"}'])->assertOk();
        $this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => '{"goal":"air-changes-6","pinned":[]}'])->assertOk();

        $this->getJson("/api/v1/rooms/{$room->id}/draft")->assertJsonPath('work', ['goal' => 'air-changes-6', 'pinned' => []]);
        $this->actingAs($other)->getJson("/api/v1/rooms/{$room->id}/draft")->assertJsonPath('work', null);
        $this->deleteJson("/api/v1/rooms/{$room->id}/draft")->assertNoContent();
        $this->actingAs($mine)->getJson("/api/v1/rooms/{$room->id}/draft")->assertJsonPath('work.goal', 'air-changes-6');
        $this->deleteJson("/api/v1/rooms/{$room->id}/draft")->assertNoContent();
        $this->getJson("/api/v1/rooms/{$room->id}/draft")->assertJsonPath('work', null);
    }

    public function test_what_is_kept_comes_back_to_the_letter(): void
    {
        $room = $this->room();
        $work = '{"choices":{"shape":"cube","options":{}},"pinned":[{"options":{},"units":2}],"furnishings":[],"x":1.25}';
        $this->actingAs($this->person(Role::Builder, $room->site->programme))->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => $work])->assertOk();

        self::assertSame($work, json_encode(json_decode((string) $this->getJson("/api/v1/rooms/{$room->id}/draft")->getContent())->work));
    }

    public function test_what_is_no_draft_is_refused(): void
    {
        $room = $this->room();
        $this->actingAs($this->person(Role::Builder, $room->site->programme));

        $this->assertFaults($this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => 'half a {']), ['work']);
        $this->assertFaults($this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => '5']), ['work']);
        $this->assertFaults($this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => '[1]']), ['work']);
        $this->assertFaults($this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => str_repeat('[', 100).str_repeat(']', 100)]), ['work']);
        $this->assertFaults($this->putJson("/api/v1/rooms/{$room->id}/draft", ['work' => '"'.str_repeat('a', 200_000).'"']), ['work']);
    }

    public function test_versions_are_listed_with_who_saved_them(): void
    {
        $room = $this->room();
        $builder = $this->actingAs($person = $this->person(Role::Builder, $room->site->programme));
        $build = $builder->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Mine', 'unit' => self::CHOICES])->assertCreated()->json('id');
        $builder->postJson("/api/v1/builds/{$build}/versions", ['unit' => ['units' => 2] + self::CHOICES, 'based_on' => 1, 'keep_figures' => true])->assertCreated();

        $builder->getJson("/api/v1/builds/{$build}/versions")->assertOk()->assertJsonCount(2)
            ->assertJsonPath('0.number', 2)->assertJsonPath('0.units', 2)->assertJsonPath('0.saved_by', $person->name)->assertJsonPath('1.number', 1);
        $builder->putJson("/api/v1/rooms/{$room->id}", ['room' => self::ENTRIES, 'goal' => 'room-size', 'revision' => 1])->assertOk()->assertJsonPath('changed_by', $person->name);
    }
}
