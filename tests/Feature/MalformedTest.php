<?php

namespace Tests\Feature;

use App\Actions\Guides;
use App\Actions\SaveVersion;
use App\Models\Person;
use App\Models\Role;
use App\Models\Survey;
use App\Models\SurveyKind;
use Illuminate\Support\Facades\Route;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Bodies that somebody mangled: each is answered, none of them breaks anything. */
class MalformedTest extends FeatureTestCase
{
    private const BODIES = 1000;

    public function test_a_thousand_malformed_bodies_are_refused_or_answered_and_break_nothing(): void
    {
        $random = new Randomizer(new Mt19937(20261127));
        $person = Person::query()->where('email', 'wren@alderfen.example')->firstOrFail();
        $asked = $this->asked();
        $statuses = [];
        for ($number = 0; $number < self::BODIES; $number++) {
            [$method, $path, $body] = $asked[$number % count($asked)];
            for ($times = $random->getInt(1, 3); $times > 0; $times--) {
                $body = self::mangled($body, $random);
            }
            $this->actingAs($person);
            $answer = $this->call($method, "/api/v1/{$path}", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: self::written($body, $random));
            self::assertLessThan(500, $answer->status(), "{$number}: {$method} {$path} ".json_encode($body).' '.substr((string) $answer->getContent(), 0, 300));
            $statuses[$answer->status()] = ($statuses[$answer->status()] ?? 0) + 1;
        }

        // What is mangled so that it can still be meant is taken; most is refused.
        self::assertGreaterThan(self::BODIES / 2, $statuses[422]);
        self::assertGreaterThan(20, ($statuses[200] ?? 0) + ($statuses[201] ?? 0));
    }

    public function test_a_query_is_judged_on_every_route_by_one_rule(): void
    {
        $person = Person::query()->where('email', 'wren@alderfen.example')->firstOrFail();
        $walked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! str_starts_with($route->uri(), 'api/v1/')) {
                continue;
            }
            $path = (string) preg_replace('/\{\w+\}/', '1', $route->uri());
            foreach (['?%ff=1', '?name=%ff', '?weights[]=x', '?from_min=1e999', '?before=first', '?turn[a][b]=1'] as $query) {
                $this->actingAs($person);
                $answer = $this->call($route->methods()[0], "/{$path}{$query}", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: '{}');
                if ($answer->status() === 404 && $route->wheres !== []) {
                    continue;
                }
                self::assertSame(422, $answer->status(), "{$route->methods()[0]} {$path}{$query}: ".substr((string) $answer->getContent(), 0, 200));
                $walked++;
            }
        }
        self::assertGreaterThan(300, $walked);
        $this->actingAs($person)->getJson('/api/v1/programmes?colour=red')->assertStatus(422)->assertJsonPath('errors.colour.0', 'This key is not known here.');
    }

    /** @return non-empty-list<array{string, string, mixed}> every way to send a body, with one that is taken */
    private function asked(): array
    {
        $room = $this->room();
        $room->site->programme->people()->attach(Person::query()->where('email', 'wren@alderfen.example')->value('id'), ['role' => Role::Organiser->value]);
        $programme = $room->programmeId();
        $build = $room->builds()->create(['name' => 'Cube']);
        $version = $this->app->make(SaveVersion::class)($build->setRelation('room', $room), $this->person(), self::CHOICES, 0);
        $made = $this->app->make(Guides::class)->begin($version->refresh()->load('build.room.site.programme.parts'), $this->person(), '')->id;
        $survey = Survey::query()->create(['unit_id' => $made, 'key' => 'a-key-of-it', 'kind' => SurveyKind::Traverse, 'setting' => ['outlet' => 'round', 'width' => '12 in'], 'began_at' => now()])->id;
        $build = $build->id;
        $drawn = ['outline' => [['x' => 0, 'y' => 0], ['x' => 5, 'y' => 0, 'height' => '3 m'], ['x' => 5, 'y' => 4], ['x' => 0, 'y' => 4]], 'furnishings' => [['kind' => 'door', 'x' => 1, 'y' => 0], ['kind' => 'seat', 'x' => 2, 'y' => 2]]] + self::ENTRIES;
        $evaluation = ['room' => $drawn, 'beside' => [['bought' => ['name' => 'Box', 'clean_air' => '200 cfm'], 'count' => 1]], 'view' => ['turn' => 90, 'apart' => true], 'drawn' => ['a']] + $this->evaluation();
        $unit = ['unit' => self::CHOICES];

        return [
            ['POST', 'session', ['email' => 'a@alderfen.example', 'password' => 'b', 'remember' => true]],
            ['PATCH', 'session', ['measure' => 'metric']],
            ['POST', 'evaluations', $evaluation],
            ['POST', 'workings', $evaluation],
            ['POST', 'airs', ['hours' => 1, 'room' => $drawn] + $this->evaluation()],
            ['POST', 'plans', $unit + ['room' => $drawn]],
            ['POST', 'plans/edits', $unit + ['room' => $drawn, 'edit' => ['what' => 'move-corner', 'index' => 1, 'x' => 6, 'y' => 0, 'near' => 0.1]]],
            ['POST', 'walls', ['room' => $drawn, 'wall' => 1, 'length' => '4.2 m']],
            ['POST', 'misfits', $unit],
            ['POST', 'disputes', $unit],
            ['POST', 'sketches', ['units' => [self::CHOICES]]],
            ['POST', 'comparisons', ['units' => [self::CHOICES], 'room' => $drawn, 'goal' => 'air-changes-5']],
            ['POST', 'needs', ['answers' => ['use' => ['classroom']]]],
            ['POST', "programmes/{$programme}/sites", ['name' => 'A site']],
            ['PUT', "programmes/{$programme}/setting", ['currency' => 'EUR', 'tariff' => '0.30', 'hours_per_day' => '8', 'years' => '2', 'changes' => '4', 'altitude' => '', 'temperature' => '', 'revision' => 1]],
            ['PUT', "programmes/{$programme}/parts/fan/own-box", ['name' => 'Mine', 'like' => 'box-20-plain', 'figures' => ['free_flow' => ['entry' => '1000 cfm', 'from' => 'measured']], 'packs' => [['count' => 1, 'price' => '30']], 'revision' => 0]],
            ['POST', "programmes/{$programme}/stock", ['kind' => 'fan', 'code' => 'box-20-plain', 'move' => 'bought', 'pieces' => 3, 'note' => 'given']],
            ['POST', "sites/{$room->site_id}/rooms", ['room' => $drawn, 'goal' => 'air-changes-5']],
            ['PUT', "rooms/{$room->id}", ['room' => $drawn, 'goal' => 'air-changes-5', 'revision' => 1]],
            ['PUT', "rooms/{$room->id}/placements", ['placements' => [['build' => $build, 'count' => 1]], 'revision' => 1]],
            ['PUT', "rooms/{$room->id}/draft", ['work' => '{"a":1}']],
            ['POST', "rooms/{$room->id}/builds", ['name' => 'Another'] + $unit],
            ['POST', "units/{$made}/surveys", ['key' => 'survey-key-1', 'kind' => 'traverse', 'setting' => ['outlet' => 'rectangle', 'width' => '20 in', 'height' => '20 in', 'grid' => 'equal-area', 'across' => '3', 'up' => '3', 'meter_percent' => '5']]],
            ['POST', "surveys/{$survey}/readings", ['readings' => [['key' => 'reading-key-1', 'place' => '0-0', 'entered' => '300 fpm', 'source' => 'typed', 'at' => 1764000000000, 'log' => null, 'unit_on' => true, 'from_min' => 2, 'to_min' => 3]]]],
            ['POST', "units/{$made}/logs", ['time' => [1, 2], 'pm25' => [3, 4]]],
            ['POST', "units/{$made}/measured-parts", ['kind' => 'fan']],
            ['POST', "builds/{$build}/versions", ['based_on' => 1, 'keep_figures' => true] + $unit],
        ];
    }

    /** One of its values replaced, taken away or put somewhere else. */
    private static function mangled(mixed $body, Randomizer $random): mixed
    {
        if (! is_array($body) || $body === [] || $random->getInt(0, 11) === 0) {
            return self::junk($random);
        }
        $keys = array_keys($body);
        $key = $keys[$random->getInt(0, count($keys) - 1)];
        switch ($random->getInt(0, 9)) {
            case 0:
                unset($body[$key]);

                return $body;
            case 1:
                $body[self::text($random)] = self::junk($random);

                return $body;
            case 2:
                $body[$key] = [$body[$key], $body[$key]];

                return $body;
            default:
                $body[$key] = self::mangled($body[$key], $random);

                return $body;
        }
    }

    private static function junk(Randomizer $random): mixed
    {
        return match ($random->getInt(0, 15)) {
            0 => null,
            1 => true,
            2 => false,
            3 => -1,
            4 => 0,
            5 => PHP_INT_MAX,
            6 => 1e308,
            7 => -1e-308,
            8 => [],
            9 => new \stdClass,
            10 => [[[[]]]],
            11 => ['x' => ['y' => self::text($random)]],
            12 => $random->getInt(0, 100000),
            default => self::text($random),
        };
    }

    private static function text(Randomizer $random): string
    {
        $texts = ['', ' ', '0', '-5 ft', '1e999', 'NaN', "12' 13\"", '9999999 km', 'ﷺ', "a\u{0}b", '𝟜 m', '../../etc/passwd', '%s%n', '<b>', "'; DROP TABLE people; --", str_repeat('ä', 300), '½', '1,2,3', 'cube', 'toString', '*', 'room.*', '0x1F', "\u{202E}"];

        return $texts[$random->getInt(0, count($texts) - 1)];
    }

    /** As JSON, or now and then as something that is almost JSON. */
    private static function written(mixed $body, Randomizer $random): string
    {
        $json = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR);

        return match ($random->getInt(0, 39)) {
            0 => substr($json, 0, intdiv(strlen($json), 2)),
            1 => $json.$json,
            2 => "\xFF\xFE".$json,
            3 => str_repeat('[', 600).str_repeat(']', 600),
            default => $json,
        };
    }
}
