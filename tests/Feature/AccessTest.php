<?php

namespace Tests\Feature;

use App\Actions\Guides;
use App\Actions\Members;
use App\Actions\SaveVersion;
use App\Models\BuildDay;
use App\Models\Log;
use App\Models\Meter;
use App\Models\Offcut;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\UnitPhoto;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;

/** Walks every route: what belongs to another programme does not exist for whoever asks. */
class AccessTest extends FeatureTestCase
{
    /** Routes that touch no programme's records. */
    private const OPEN = ['session', 'catalogue', 'evaluations', 'misfits', 'finds', 'sketches', 'workings', 'disputes', 'comparisons', 'needs', 'plans', 'plans/edits', 'finds/{ticket}', 'layouts/{ticket}', 'walls', 'airs', 'programmes', 'account', 'account/sessions'];

    /** Routes for whoever is not signed in. */
    private const ENTRANCES = ['session', 'beginning', 'demo', 'entrances/{token}', 'passwords', 'passwords/{token}'];

    public function test_every_route_is_either_known_to_be_open_or_names_a_record(): void
    {
        foreach ($this->routes() as $route) {
            $path = substr($route->uri(), strlen('api/v1/'));
            self::assertTrue($this->namesARecord($route) || in_array($path, [...self::OPEN, ...self::ENTRANCES], true), "{$path} is neither");
        }
        self::assertGreaterThan(15, count($this->routes()));
    }

    public function test_nobody_who_is_not_signed_in_gets_anything(): void
    {
        $ids = $this->records();
        foreach ($this->routes() as $route) {
            if (in_array('auth:web', $route->gatherMiddleware(), true)) {
                $this->call_($route, $ids)->assertUnauthorized();
            } else {
                self::assertContains(substr($route->uri(), strlen('api/v1/')), self::ENTRANCES);
            }
        }
    }

    public function test_records_of_another_programme_are_closed_on_every_route(): void
    {
        $ids = $this->records();
        $stranger = $this->person(Role::Organiser, Programme::factory()->create());
        foreach ($this->routes() as $route) {
            if ($this->namesARecord($route)) {
                $answer = $this->actingAs($stranger)->call_($route, $ids);
                self::assertSame(404, $answer->status(), implode('|', $route->methods()).' '.$route->uri());
            }
        }
    }

    public function test_another_programmes_version_lends_no_figures_to_an_evaluation(): void
    {
        $ids = $this->records();
        $stranger = $this->person(Role::Organiser, Programme::factory()->create());
        $this->actingAs($stranger)->postJson('/api/v1/evaluations', $this->evaluation() + ['version' => $ids['version']])->assertNotFound();
    }

    public function test_another_programmes_parts_and_settings_lend_nothing(): void
    {
        $ids = $this->records();
        $stranger = $this->actingAs($this->person(Role::Organiser, Programme::factory()->create()));
        $unit = ['unit' => self::CHOICES];
        $asked = [
            'evaluations' => $this->evaluation(), 'workings' => $this->evaluation(), 'plans' => $unit + ['room' => self::ENTRIES], 'plans/edits' => $unit + ['room' => self::ENTRIES, 'edit' => ['what' => 'add-corner', 'index' => 0]], 'airs' => ['hours' => 1] + $this->evaluation(),
            'misfits' => $unit, 'disputes' => $unit, 'sketches' => ['units' => [self::CHOICES]],
            'comparisons' => ['units' => [self::CHOICES], 'room' => self::ENTRIES, 'goal' => 'air-changes-5'],
            'finds' => ['wishes' => FindTest::WISHES, 'room' => self::ENTRIES, 'goal' => 'air-changes-5'],
        ];
        foreach ($asked as $path => $body) {
            self::assertSame(404, $stranger->postJson("/api/v1/{$path}", ['programme' => $ids['programme']] + $body)->status(), $path);
        }
        $stranger->getJson("/api/v1/catalogue?programme={$ids['programme']}")->assertNotFound();
    }

    public function test_another_programmes_builds_are_not_lent_to_stand_beside_ones_own(): void
    {
        $ids = $this->records();
        $programme = Programme::factory()->create();
        $stranger = $this->actingAs($this->person(Role::Organiser, $programme));
        $beside = ['beside' => [['build' => $ids['build'], 'count' => 1, 'speed' => '']]];
        foreach (['evaluations' => $this->evaluation(), 'workings' => $this->evaluation(), 'airs' => ['hours' => 1] + $this->evaluation()] as $path => $body) {
            self::assertSame(404, $stranger->postJson("/api/v1/{$path}", $beside + $body)->status(), $path);
        }
        $stranger->postJson('/api/v1/comparisons', $beside + ['units' => [self::CHOICES], 'room' => self::ENTRIES, 'goal' => 'air-changes-5'])->assertNotFound();
        $stranger->postJson('/api/v1/finds', $beside + ['wishes' => FindTest::WISHES, 'room' => self::ENTRIES, 'goal' => 'air-changes-5'])->assertNotFound();
        $stranger->postJson('/api/v1/finds', ['build' => $ids['build'], 'wishes' => FindTest::WISHES, 'room' => self::ENTRIES, 'goal' => 'air-changes-5'])->assertNotFound();
    }

    public function test_a_reader_may_look_but_change_nothing(): void
    {
        $ids = $this->records();
        $reader = $this->person(Role::Reader, Programme::query()->findOrFail($ids['programme']));
        foreach ($this->routes() as $route) {
            if ($this->namesARecord($route)) {
                $answer = $this->actingAs($reader)->call_($route, $ids);
                self::assertSame($route->methods()[0] === 'GET' ? 200 : 403, $answer->status(), $route->methods()[0].' '.$route->uri());
            }
        }
    }

    public function test_a_builder_builds_but_deletes_nothing(): void
    {
        $ids = $this->records();
        $builder = $this->person(Role::Builder, Programme::query()->findOrFail($ids['programme']));
        $this->actingAs($builder)->deleteJson("/api/v1/rooms/{$ids['room']}")->assertForbidden();
        $this->actingAs($builder)->postJson("/api/v1/rooms/{$ids['room']}/builds", ['name' => 'Mine', 'unit' => self::CHOICES])->assertCreated();
    }

    public function test_the_list_of_programmes_holds_only_ones_own(): void
    {
        $this->records();
        $mine = Programme::factory()->create(['name' => 'Mine']);
        $this->actingAs($this->person(Role::Reader, $mine))->getJson('/api/v1/programmes')->assertOk()->assertJsonCount(1)->assertJsonPath('0.name', 'Mine');
    }

    /** Whoever has a token or a ticket has it for themselves: there is no record behind it. */
    private function namesARecord(Route $route): bool
    {
        return array_diff($route->parameterNames(), ['token', 'ticket']) !== [];
    }

    /** @return array<string, int|string> */
    private function records(): array
    {
        $room = $this->room();
        $build = $room->builds()->create(['name' => 'Build']);
        $version = $this->app->make(SaveVersion::class)($build->setRelation('room', $room), $this->person(), self::CHOICES, 0);

        $inviter = $this->person(Role::Organiser, $room->site->programme);
        [$invitation] = $this->app->make(Members::class)->invite($room->site->programme, $inviter, Role::Reader);

        $offcut = Offcut::query()->create(['programme_id' => $room->programmeId(), 'material' => 'board-24x36', 'width_m' => 0.5, 'height_m' => 0.3]);

        $unit = $this->app->make(Guides::class)->begin($version->refresh(), $inviter, '');
        $photo = UnitPhoto::query()->create(['unit_id' => $unit->id, 'key' => 'a-key-of-it', 'content' => '']);

        $day = BuildDay::query()->create(['programme_id' => $room->programmeId(), 'name' => 'Saturday', 'starts_at' => '2026-12-05 09:30:00', 'written' => ['units' => [], 'people' => [], 'tools' => [], 'tables' => 1, 'breaks' => []]]);

        $survey = Survey::query()->create(['unit_id' => $unit->id, 'key' => 'a-key-of-it', 'kind' => SurveyKind::Tissue, 'setting' => [], 'began_at' => now()]);
        $log = Log::query()->create(['programme_id' => $room->programmeId(), 'sha256' => str_repeat('a', 64), 'name' => 'log', 'source' => 'file', 'told' => ['notes' => []]]);

        $meter = Meter::query()->create(['programme_id' => $room->programmeId(), 'name' => 'Counter', 'tells' => 'pm25', 'driver' => 'folder', 'address' => 'nowhere']);

        return ['meter' => $meter->id, 'survey' => $survey->id, 'log' => $log->id, 'format' => 'json', 'day' => $day->id, 'unit' => $unit->id, 'photo' => $photo->id, 'step' => 'count', 'programme' => $room->programmeId(), 'site' => $room->site_id, 'room' => $room->id, 'build' => $build->id, 'version' => $version->id, 'kind' => 'fan', 'code' => 'box-20-plain', 'person' => $inviter->id, 'invitation' => $invitation->id, 'ticket' => 'nobody-has-this', 'file' => 'shopping-list.csv', 'offcut' => $offcut->id];
    }

    /** @return list<Route> */
    private function routes(): array
    {
        return array_values(array_filter(Routes::getRoutes()->getRoutes(), fn (Route $route): bool => str_starts_with($route->uri(), 'api/v1/')));
    }

    /** @param  array<string, int|string>  $ids */
    private function call_(Route $route, array $ids): TestResponse
    {
        $path = preg_replace_callback('/\{(\w+)}/', fn (array $match): string => (string) ($ids[$match[1]] ?? self::fail("No record for {$match[1]}")), $route->uri());

        return $this->json($route->methods()[0], '/'.$path);
    }
}
