<?php

namespace Tests\Feature;

use App\Formats\Format;
use Jornel\Core\Document\Register\Formats;
use PHPUnit\Framework\TestCase;

/** The open formats on disk are those of the core, and the catalogue's own files keep to them. */
class FormatsTest extends TestCase
{
    public function test_the_schemas_on_disk_are_those_that_the_core_defines(): void
    {
        foreach (Formats::names() as $name) {
            self::assertSame(Format::named($name)->schema(), (string) file_get_contents(dirname(__DIR__, 2)."/formats/{$name}.schema.json"), "./jornel artisan jornel:formats writes {$name} anew");
        }
    }

    public function test_the_files_of_parts_keep_to_their_schemas(): void
    {
        foreach (['fans', 'filters', 'joinings', 'materials'] as $kind) {
            $rows = Format::named("parts-{$kind}")->read((string) file_get_contents(dirname(__DIR__, 2)."/data/parts/{$kind}.json"));
            self::assertNotEmpty($rows);
        }
        self::assertNotEmpty(Format::named('ratings')->read((string) file_get_contents(dirname(__DIR__, 2).'/data/reference/ratings.json')));
    }
}
