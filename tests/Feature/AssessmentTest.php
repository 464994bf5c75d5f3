<?php

namespace Tests\Feature;

use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use Closure;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Assessments are kept until something they rest on changes, and never longer. */
class AssessmentTest extends FeatureTestCase
{
    private const BOUGHT = ['name' => 'Tower purifier', 'clean_air' => '140', 'level' => '50', 'power' => '45', 'refill_price' => '35', 'refill_months' => '6', 'width' => '', 'depth' => '', 'height' => ''];

    private Room $room;

    private Programme $programme;

    protected function setUp(): void
    {
        parent::setUp();
        $this->room = $this->room();
        $this->programme = $this->room->site->programme;
        $this->actingAs($this->person(Role::Organiser, $this->programme));
        $this->putJson("/api/v1/rooms/{$this->room->id}", ['room' => self::ENTRIES, 'goal' => 'air-changes-5', 'revision' => 1])->assertOk();
        $this->postJson("/api/v1/rooms/{$this->room->id}/builds", ['name' => 'Cube', 'unit' => self::CHOICES])->assertCreated();
    }

    /** @return iterable<string, array{Closure(self): mixed}> */
    public static function changes(): iterable
    {
        yield 'the room is measured again' => [fn (self $test) => $test->putJson("/api/v1/rooms/{$test->room->id}", ['room' => ['length' => '12 m'] + self::ENTRIES, 'goal' => 'air-changes-5', 'revision' => 2])->assertOk()];
        yield 'another goal is chosen' => [fn (self $test) => $test->putJson("/api/v1/rooms/{$test->room->id}", ['room' => self::ENTRIES, 'goal' => 'air-changes-8', 'revision' => 2])->assertOk()];
        yield 'something is placed' => [fn (self $test) => $test->putJson("/api/v1/rooms/{$test->room->id}/placements", ['placements' => [['bought' => self::BOUGHT, 'count' => 3]], 'revision' => 2])->assertOk()];
        yield 'all of it is taken away' => [fn (self $test) => $test->putJson("/api/v1/rooms/{$test->room->id}/placements", ['placements' => [], 'revision' => 2])->assertOk()];
        yield 'a build is changed' => [fn (self $test) => $test->postJson("/api/v1/builds/{$test->room->builds()->value('id')}/versions", ['unit' => ['units' => 3] + self::CHOICES, 'based_on' => 1, 'keep_figures' => false])->assertCreated()];
        yield 'the programme lies high up' => [fn (self $test) => $test->putJson("/api/v1/programmes/{$test->programme->id}/setting", ['altitude' => '9000 ft', 'temperature' => '', 'currency' => 'USD', 'tariff' => '0.2', 'hours_per_day' => '8', 'years' => '2', 'changes' => '4', 'revision' => 1])->assertOk()];
    }

    /** @param  Closure(self): mixed  $change */
    #[DataProvider('changes')]
    public function test_what_changes_a_room_changes_its_card_at_once(Closure $change): void
    {
        $before = $this->card();
        $change($this);
        $after = $this->card();
        DB::table('assessments')->delete();

        self::assertNotSame($before, $after);
        self::assertSame($this->card(), $after);
    }

    public function test_what_is_kept_is_not_worked_out_again(): void
    {
        $card = $this->card();
        DB::table('assessments')->where('room_id', $this->room->id)->update(['card' => DB::raw("JSON_SET(card, '$.name', 'As it was kept')")]);
        self::assertSame(['name' => 'As it was kept'] + $card, ['name' => $this->card()['name']] + $card);

        // By other rules or reference figures it is.
        config(['jornel.figures' => 'other rules']);
        self::assertSame($card, $this->card());
    }

    public function test_a_change_while_a_room_is_worked_out_is_not_missed(): void
    {
        $basis = Room::query()->findOrFail($this->room->id)->basis;
        $this->card();
        Room::outdate('id', [$this->room->id]);
        // As it would be kept by somebody who read the room before.
        DB::table('assessments')->where('room_id', $this->room->id)->update(['basis' => $basis, 'card' => DB::raw("JSON_SET(card, '$.name', 'Of before')")]);

        self::assertNotSame('Of before', $this->card()['name']);
    }

    public function test_rooms_come_by_pages_and_all_are_counted(): void
    {
        $site = $this->room->site;
        Room::factory()->count(130)->for($site)->create();
        $first = $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertOk()->json('sites.0');
        $seen = array_column($first['rooms'], 'id');
        do {
            $page = $this->getJson("/api/v1/sites/{$site->id}/rooms?after=".end($seen))->assertOk()->json();
            array_push($seen, ...array_column($page['rooms'], 'id'));
        } while ($page['has_more']);

        self::assertSame(131, $first['room_count']);
        self::assertSame($site->rooms()->pluck('id')->all(), $seen);
        // What was not shown was worked out behind the page; the tests' queue does so at once.
        $tally = $this->getJson("/api/v1/programmes/{$this->programme->id}")->json('sites.0.tally');
        self::assertSame([0, 130, 131], [$tally['pending'], $tally['none'], array_sum($tally)]);
        $this->room->delete();
        self::assertSame(130, $this->getJson("/api/v1/programmes/{$this->programme->id}")->json('sites.0.room_count'));
        $this->assertFaults($this->getJson("/api/v1/sites/{$site->id}/rooms?after=first"), ['after']);
    }

    public function test_a_programme_of_many_sites_sends_a_page_of_cards(): void
    {
        foreach (range(1, 8) as $number) {
            Room::factory()->count(20)->for($this->programme->sites()->create(['name' => "Site {$number}"]))->create();
        }
        $sites = $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertOk()->json('sites');

        self::assertSame(161, array_sum(array_column($sites, 'room_count')));
        self::assertSame([1, 20, 20, 20, 20, 15, 0, 0, 0], array_map(fn (array $site): int => count($site['rooms']), $sites));
    }

    /** @return array<string, mixed> */
    private function card(): array
    {
        return $this->getJson("/api/v1/programmes/{$this->programme->id}")->assertOk()->json('sites.0.rooms.0');
    }
}
