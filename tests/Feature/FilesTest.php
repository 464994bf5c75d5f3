<?php

namespace Tests\Feature;

use App\Formats\Spreadsheet;
use App\Sheet\OwnAddress;
use App\Sheet\QrCode;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\TestWith;
use ReflectionMethod;
use ReflectionNamedType;

/** What leaves the application: files for spreadsheets, addresses on paper; and numbers of records in addresses. */
class FilesTest extends FeatureTestCase
{
    #[TestWith(['=1+1', true])]
    #[TestWith(['+cmd', true])]
    #[TestWith(['-2+3+cmd', true])]
    #[TestWith(['@sum', true])]
    #[TestWith(["\t=1", true])]
    #[TestWith(['  =1', true])]
    #[TestWith(['＝1', true])]
    #[TestWith(['-0.5', false])]
    #[TestWith(['Fan, 20 in', false])]
    #[TestWith(['a=b', false])]
    public function test_what_people_wrote_is_no_formula_in_a_spreadsheet(string $cell, bool $isFormula): void
    {
        [$read] = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", substr(Spreadsheet::csv([[$cell, 'end']]), 3)));

        self::assertSame([$isFormula ? "'{$cell}" : $cell, 'end'], $read);
    }

    public function test_an_address_on_paper_is_that_of_this_installation_and_says_where_no_phone_comes(): void
    {
        $run = sys_get_temp_dir().'/jornel-run-'.getmypid();
        File::ensureDirectoryExists($run);
        config(['jornel.run' => $run, 'app.url' => 'http://127.0.0.1:8080']);
        self::assertSame('http://127.0.0.1:8080', OwnAddress::base());
        File::put("{$run}/web.address", "127.0.0.1:8093\n");
        self::assertSame(['http://127.0.0.1:8093', false], [OwnAddress::base(), OwnAddress::isReachable(OwnAddress::base())]);
        File::put("{$run}/lan", "192.168.7.4\n");
        File::put("{$run}/lan.ports", "8443 8444\n");
        self::assertSame(['https://192.168.7.4:8443', true], [OwnAddress::base(), OwnAddress::isReachable(OwnAddress::base())]);
        config(['app.url' => 'https://air.alderfen.example/']);
        self::assertSame('https://air.alderfen.example', OwnAddress::base());
        File::deleteDirectory($run);
    }

    public function test_a_code_is_whole_at_any_size(): void
    {
        $svg = simplexml_load_string(QrCode::svg('https://air.alderfen.example/u/abcdefghijklmnopqrstuv'));
        self::assertNotFalse($svg);
        self::assertSame("0 0 {$svg['width']} {$svg['height']}", (string) $svg['viewBox']);
    }

    public function test_what_is_no_number_of_a_record_is_found_nowhere(): void
    {
        $walked = 0;
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (! str_contains($route->getActionName(), '@')) {
                continue;
            }
            foreach ((new ReflectionMethod(...explode('@', $route->getActionName(), 2)))->getParameters() as $parameter) {
                $type = $parameter->getType();
                if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), Model::class) && in_array($parameter->getName(), $route->parameterNames(), true)) {
                    self::assertSame('[1-9][0-9]{0,17}', $route->wheres[$parameter->getName()] ?? null, $route->uri());
                    $walked++;
                }
            }
        }
        self::assertGreaterThan(60, $walked);
        $this->actingAs($this->person())->getJson('/api/v1/logs/1abc')->assertNotFound();
    }
}
