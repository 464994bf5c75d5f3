<?php

namespace Tests\Feature;

use App\Models\Role;
use App\Sheet\PaperFonts;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

class SheetTest extends FeatureTestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function units(): iterable
    {
        foreach (['cube' => '20x20x1-g13-economy', 'raised-cube' => '20x20x4-g13', 'flat-panel' => '20x20x2-g13'] as $shape => $filter) {
            foreach (['hot-glue', 'zip-ties'] as $joining) {
                foreach (['imperial', 'metric'] as $measure) {
                    yield "{$shape} {$joining} {$measure}" => [['shape' => $shape, 'filter' => $filter, 'joining' => $joining, 'units' => 3], $measure];
                }
            }
        }
        yield 'round fan on a cover' => [['fan' => 'drum-18', 'filter' => '24x24x4-g13'], 'metric'];
    }

    /** @param  array<string, mixed>  $choices */
    #[DataProvider('units')]
    public function test_a_sheet_is_one_page_with_all_that_is_needed(array $choices, string $measure): void
    {
        $room = $this->room();
        $room->update(['has_fuel_burning' => true, 'pollutant' => 'shop-dust']);
        $builder = $this->person(Role::Builder, $room->site->programme);
        $builder->update(['measure' => $measure]);
        $version = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Sheet', 'unit' => $choices + self::CHOICES])->assertCreated()->json('latest.id');
        $pdf = $this->actingAs($builder)->get("/api/v1/versions/{$version}/sheet")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        $file = tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $pdf);
        $info = self::run_(['pdfinfo', $file]);
        $text = preg_replace('/\s+/', ' ', self::run_(['pdftotext', '-layout', $file, '-']));
        unlink($file);

        self::assertMatchesRegularExpression('/Pages:\s+1\n/', $info);
        self::assertStringContainsString($measure === 'metric' ? 'A4' : 'letter', $info);
        foreach (['Make', 'Get', 'Take care', 'Fuel-burning appliance', 'Not for hazardous dust', 'Local codes', 'Patch what draws'] as $said) {
            self::assertStringContainsString($said, $text);
        }
    }

    public function test_the_sheet_of_a_cube_gives_the_cuts_in_sixteenths(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $version = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Sheet', 'unit' => self::CHOICES])->json('latest.id');
        $sheet = $this->actingAs($builder)->getJson("/api/v1/versions/{$version}")->json('sheet');

        self::assertSame([['A Base', '20 1/4 × 20 1/4 in', ''], ['B Shroud', '20 1/2 × 20 1/2 in', '18 1/2 in']], array_map(fn (array $cut): array => [$cut['name'], $cut['size'], $cut['hole']], $sheet['cuts']));
        self::assertSame('10 1/4 in from both edges', $sheet['cuts'][1]['centre']);
        $kit = $this->actingAs($builder)->getJson("/api/v1/versions/{$version}/kit")->assertOk()->json();
        self::assertSame([[1, 4, 1], [0, 0, 0]], [array_column($kit['lines'], 'needed'), array_column($kit['lines'], 'from_shelf')]);
    }

    public function test_a_sheet_is_made_once_for_a_version_and_measure_as_long_as_nothing_on_it_changes(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        $build = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => 'Sheet', 'unit' => self::CHOICES])->json();
        $sheet = fn (): string => (string) $this->get("/api/v1/versions/{$build['latest']['id']}/sheet")->assertOk()->getContent();
        $sheet();
        // What is kept is marked, so that it is told from one that is made anew.
        $mark = fn () => DB::table('cache')->where('key', 'like', '%sheet %')->update(['value' => serialize(base64_encode((string) gzcompress('as it was kept')))]);
        $mark();
        self::assertSame('as it was kept', $sheet());

        $changes = [
            fn () => $builder->update(['measure' => 'metric']),
            fn () => $room->update(['name' => 'Reading room']),
            fn () => $this->postJson("/api/v1/versions/{$build['latest']['id']}/kit", ['move' => 'reserved'])->assertCreated(),
        ];
        // What is free on the shelf may go to another build: the sheet does not tell of it.
        $this->postJson("/api/v1/programmes/{$room->programmeId()}/stock", ['kind' => 'filter', 'code' => self::CHOICES['filter'], 'move' => 'bought', 'pieces' => 4])->assertCreated();
        self::assertSame('as it was kept', $sheet());
        foreach ($changes as $change) {
            $change();
            self::assertStringStartsWith('%PDF', $sheet());
            $mark();
            self::assertSame('as it was kept', $sheet());
        }
    }

    public function test_names_are_printed_in_whatever_letters_they_are_written(): void
    {
        $room = $this->room();
        $builder = $this->person(Role::Builder, $room->site->programme);
        foreach (['Зал № 3, Ωδείο, salle à ½' => true, 'ოთახი' => false, 'Սենյակ' => false] as $name => $isUsual) {
            $version = $this->actingAs($builder)->postJson("/api/v1/rooms/{$room->id}/builds", ['name' => $name, 'unit' => self::CHOICES])->assertCreated()->json('latest.id');
            $file = tempnam(sys_get_temp_dir(), 'sheet');
            file_put_contents($file, $this->get("/api/v1/versions/{$version}/sheet")->assertOk()->getContent());

            self::assertStringContainsString($name, self::run_(['pdftotext', $file, '-']));
            self::assertSame($isUsual, PaperFonts::suffice("<p>{$name}</p>"));
            unlink($file);
        }
        self::assertFalse(PaperFonts::suffice('<p>&#4311;</p>'));
        self::assertFalse(PaperFonts::suffice('<img src="data:image/svg+xml;base64,'.base64_encode('<svg><text>ოთახი</text></svg>').'">'));
    }

    /** @param  list<string>  $command */
    private static function run_(array $command): string
    {
        return (new Process($command))->mustRun()->getOutput();
    }
}
