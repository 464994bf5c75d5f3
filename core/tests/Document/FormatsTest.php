<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Document\Register\Formats;
use PHPUnit\Framework\TestCase;

final class FormatsTest extends TestCase
{
    public function test_every_kind_of_document_and_every_file_of_parts_has_a_schema(): void
    {
        self::assertSame(['evaluate', 'clearance', 'room-series', 'building', 'sound', 'find', 'kit', 'guide', 'day', 'decay', 'traverse', 'level', 'tissue', 'fit', 'parts-fans', 'parts-filters', 'parts-joinings', 'parts-materials', 'ratings'], Formats::names());
        self::assertNull(Formats::schema('nonsense'));
        self::assertNull(Documents::form('nonsense'));
    }

    public function test_a_quantity_may_be_spelled_in_either_measure_and_nothing_else(): void
    {
        $schema = Formats::schema('evaluate');
        $defined = fn (array $form): array => $schema['$defs'][basename($form['$ref'])];
        $bare = $defined($defined($schema['properties']['unit'])['properties']['bare']);

        self::assertFalse($bare['additionalProperties']);
        foreach (['leak_area_in2', 'leak_area_m2', 'altitude_ft', 'temperature_f', 'temperature_c', 'fans', 'faces', 'density_kg_m3'] as $key) {
            self::assertArrayHasKey($key, $bare['properties']);
        }
        self::assertArrayNotHasKey('leak_area_ft', $bare['properties']);
    }

    public function test_what_is_said_twice_stands_once(): void
    {
        $schema = Formats::schema('evaluate');
        $text = json_encode($schema, JSON_THROW_ON_ERROR);
        preg_match_all('~#/\$defs/(d\d+)"~', str_replace('\/', '/', $text), $used);

        self::assertEqualsCanonicalizing(array_keys($schema['$defs']), array_values(array_unique($used[1])));
        self::assertGreaterThan(count(array_unique($used[1])), count($used[1]));
    }
}
