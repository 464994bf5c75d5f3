<?php

namespace Tests\Feature;

use App\Models\Person;
use App\OpenApi\Description;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;

class InterfaceDescriptionTest extends FeatureTestCase
{
    public function test_every_route_is_described_and_every_description_has_a_route(): void
    {
        $described = [];
        foreach ($this->app->make(Description::class)->data()['paths'] as $path => $operations) {
            foreach (array_keys($operations) as $method) {
                $described[] = strtoupper($method).' '.ltrim($path, '/');
            }
        }
        $routes = array_map(
            fn (Route $route): string => $route->methods()[0].' '.substr($route->uri(), strlen('api/v1/')),
            array_filter(Routes::getRoutes()->getRoutes(), fn (Route $route): bool => str_starts_with($route->uri(), 'api/v1/')),
        );

        self::assertEqualsCanonicalizing(array_values($routes), $described);
    }

    public function test_every_key_is_written_in_one_casing_as_in_the_open_formats(): void
    {
        $keys = self::keys($this->app->make(Description::class)->data());

        self::assertGreaterThan(300, count($keys));
        self::assertSame([], array_values(preg_grep('/^[a-z0-9]+(_[a-z0-9]+)*$/', $keys, PREG_GREP_INVERT)));
    }

    #[TestWith(['/api/v1/session', 'Person'])]
    #[TestWith(['/api/v1/catalogue', 'Catalogue'])]
    #[TestWith(['/api/v1/programmes/{programme}', 'Programme'])]
    #[TestWith(['/api/v1/rooms/{room}', 'Room'])]
    #[TestWith(['/api/v1/versions/{version}', 'SavedVersion'])]
    #[TestWith(['/api/v1/programmes/{programme}/setting', 'Setting'])]
    #[TestWith(['/api/v1/programmes/{programme}/parts/fan/box-20-plain', 'PartSheet'])]
    #[TestWith(['/api/v1/programmes/{programme}/parts/filter/6.2x20x1-g13-dense', 'PartSheet'])]
    public function test_answers_are_as_described(string $path, string $schema): void
    {
        $wren = Person::query()->where('email', 'wren@alderfen.example')->firstOrFail();
        $programme = $wren->programmes()->firstOrFail();
        $room = $programme->sites()->firstOrFail()->rooms()->firstOrFail();
        $version = $room->builds()->firstOrFail()->versions()->firstOrFail();
        $path = strtr($path, ['{programme}' => $programme->id, '{room}' => $room->id, '{version}' => $version->id]);
        $this->assertAsDescribed($this->actingAs($wren)->getJson($path)->assertOk()->getContent(), $schema);
    }

    public function test_an_evaluation_and_a_refusal_are_as_described(): void
    {
        $person = $this->person();
        $this->assertAsDescribed($this->actingAs($person)->postJson('/api/v1/evaluations', $this->evaluation())->getContent(), 'Ledger');
        $this->assertAsDescribed($this->actingAs($person)->postJson('/api/v1/evaluations', $this->evaluation('room.height', '900 ft'))->getContent(), 'Problem');
    }

    /**
     * Names of all properties that a schema describes.
     *
     * @param  array<mixed>  $schema
     * @return list<string>
     */
    private static function keys(array $schema): array
    {
        $properties = is_array($schema['properties'] ?? null) ? array_map(strval(...), array_keys($schema['properties'])) : [];

        return array_merge($properties, ...array_map(fn (mixed $inner): array => is_array($inner) ? self::keys($inner) : [], array_values($schema)));
    }

    private function assertAsDescribed(string $json, string $schema): void
    {
        $components = json_encode($this->app->make(Description::class)->data()['components'], JSON_UNESCAPED_SLASHES);
        // OpenAPI 3.0 says "nullable" where JSON Schema says the type null; nullable references come as one-of.
        $root = json_decode(str_replace('#/components/schemas/', '#/definitions/', (string) $components), true);
        $definitions = self::withNull($root['schemas']);
        $validator = new Validator;
        $result = $validator->validate(json_decode($json), json_decode((string) json_encode(['$ref' => "#/definitions/{$schema}", 'definitions' => $definitions])));

        self::assertTrue($result->isValid(), $result->error() === null ? '' : (string) json_encode((new ErrorFormatter)->format($result->error())));
    }

    /**
     * @param  array<mixed>  $schema
     * @return array<mixed>
     */
    private static function withNull(array $schema): array
    {
        $schema = array_map(fn (mixed $value): mixed => is_array($value) ? self::withNull($value) : $value, $schema);
        if (($schema['nullable'] ?? null) === true) {
            unset($schema['nullable']);

            return ['anyOf' => [['type' => 'null'], $schema]];
        }

        return $schema;
    }
}
