<?php

declare(strict_types=1);

namespace Jornel\Core\Tests;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Part\Rating\RatingStep;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Shape;
use PHPUnit\Framework\TestCase;

/** Adds one of each, as docs/extending.md shows it, to a copy of the data, and builds with them all. */
final class ExtendingTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private static string $copy;

    public static function setUpBeforeClass(): void
    {
        self::$copy = sys_get_temp_dir().'/jornel-extending-'.getmypid();
        foreach (glob(self::ROOT.'/data/{parts,reference}/*.json', GLOB_BRACE) ?: [] as $file) {
            @mkdir(self::$copy.'/data/'.basename(dirname($file)), recursive: true);
            copy($file, self::$copy.'/data/'.basename(dirname($file)).'/'.basename($file));
        }
        foreach (self::examples('json') as [$file, $list, $text]) {
            $data = json_decode((string) file_get_contents(self::$copy.'/'.$file), true, 32, JSON_THROW_ON_ERROR);
            $data[$list][] = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
            file_put_contents(self::$copy.'/'.$file, json_encode($data, JSON_THROW_ON_ERROR));
        }
    }

    public static function tearDownAfterClass(): void
    {
        foreach (glob(self::$copy.'/data/*/*.json') ?: [] as $file) {
            unlink($file);
        }
        array_map(rmdir(...), [self::$copy.'/data/parts', self::$copy.'/data/reference', self::$copy.'/data', self::$copy]);
    }

    public function test_the_page_shows_one_of_each(): void
    {
        $shown = array_map(fn (array $example): string => $example[1], self::examples('json'));

        self::assertEqualsCanonicalizing(['fans', 'media', 'grades', 'scales', 'pollutants', 'joinings', 'targets', 'occupancies', 'cautions'], $shown);
        self::assertCount(2, self::examples('php'));
    }

    public function test_a_build_of_all_that_was_added_is_answered(): void
    {
        $files = new DataFiles(self::$copy.'/data');
        $answer = Documents::answer([
            'room' => ['length_ft' => 20, 'width_ft' => 15, 'height_ft' => 8, 'use' => 'boat-shed', 'people' => 2, 'pollutant' => 'flour'],
            'unit' => ['shape' => 'cube', 'fan' => 'pedestal-16', 'filter' => '20x20x1-g13-felt', 'joining' => 'foil-tape'],
        ], $files);
        $speed = $answer['speeds'][1];

        self::assertSame('high', $speed['name']);
        self::assertGreaterThan($speed['clean_air_m3_s']['wildfire_pm25'], $speed['clean_air_m3_s']['flour']);
        // Half a cubic foot a minute for each of 300 square feet, by hand.
        $verdict = array_column($speed['room']['verdicts'], null, 'target')['half-the-floor'];
        self::assertEqualsWithDelta(150.0 * 0.3048 ** 3 / 60.0, $verdict['asks_m3_s'], 1e-7);
        self::assertContains('flour-and-sparks', array_column($answer['cautions'], 'id'));
        self::assertNotContains('flour-and-sparks', array_map(fn (object $caution): string => $caution->id, Sample::data()->cautions()->all));
    }

    public function test_a_scale_that_was_added_reaches_its_grades(): void
    {
        $files = new DataFiles(self::$copy.'/data');
        $steps = array_map(fn (RatingStep $step): string => $step->step, $files->ratings()->of($files->grades()['13-felt']));

        self::assertContains('three leaves', $steps);
    }

    public function test_a_shape_is_its_class_and_its_line_in_the_register(): void
    {
        [$shape, $register] = self::extended();
        $design = new Design($shape, ...self::partsOf(Sample::design()));

        self::assertSame($shape::class, $register[$shape->id()]::class);
        self::assertCount(count(\Jornel\Core\Shape\Shapes::all()) + 1, $register);
        // The foot lies under fan and filter and makes it stand the firmer.
        $flat = Sample::design('flat-panel');
        $scene = $shape->scene($design);
        self::assertCount(count($flat->shape->scene($flat)->solids) + 1, $scene->solids);
        self::assertGreaterThan(2.0 * Measurements::of($flat, $flat->assemble())->tipping, Measurements::of($design, $design->assemble())->tipping);
        self::assertSame('Foot', $design->assemble()->panels[1]->name);
    }

    public function test_its_steps_are_a_class_and_its_line_in_the_register(): void
    {
        [$shape] = self::extended();
        $steps = self::register('Guide/Steps.php', 'Steps', '            default =>', '            $shape instanceof \\'.$shape::class." => new \\Jornel\\Core\\Guide\\Making\\PanelOnFootSteps,\n            default =>");
        /** @var list<\Jornel\Core\Guide\Making\Step> $list */
        $list = $steps::of(new Design($shape, ...self::partsOf(Sample::design())));

        self::assertCount(count(Steps::of(Sample::design('flat-panel'))) + 1, $list);
        $ids = array_map(fn ($step): string => $step->id, $list);
        // Wherever it is written, it comes once the fan is on and before anything turns.
        self::assertGreaterThan(array_search('seal', $ids, true), array_search('foot', $ids, true));
        self::assertLessThan(array_search('look', $ids, true), array_search('foot', $ids, true));
    }

    /** @return array{Shape, array<string, Shape>} the shape of the page and the register with its line */
    private static function extended(): array
    {
        foreach (self::examples('php') as [$file, , $class]) {
            self::load(basename($file), $class);
        }
        $all = self::register('Shape/Shapes.php', 'Shapes', '        ] as $shape)', "            new PanelOnFoot,\n        ] as \$shape)")::all();
        /** @var array<string, Shape> $all */

        return [$all['panel-on-foot'], $all];
    }

    /** A copy of a register with one more line. */
    private static function register(string $file, string $class, string $before, string $line): string
    {
        $source = (string) file_get_contents(self::ROOT."/core/src/{$file}");
        self::load("Extended{$class}.php", str_replace(["final class {$class}", $before], ["final class Extended{$class}", $line], $source));

        return 'Jornel\\Core\\'.dirname($file)."\\Extended{$class}";
    }

    private static function load(string $name, string $source): void
    {
        static $loaded = [];
        if (! isset($loaded[$name])) {
            file_put_contents($written = self::$copy."/{$name}", $source);
            require_once $written;
            unlink($written);
            $loaded[$name] = true;
        }
    }

    /** @return array{fan: \Jornel\Core\Part\Fan, filter: \Jornel\Core\Part\Filter, joining: \Jornel\Core\Part\Joining, corners: Corners} */
    private static function partsOf(Design $design): array
    {
        return ['fan' => $design->fan, 'filter' => $design->filter, 'joining' => $design->joining, 'corners' => Corners::Shroud];
    }

    /** @return list<array{string, string, string}> file, list in it, and text of every example of a language */
    private static function examples(string $language): array
    {
        preg_match_all('/^```'.$language.' (\S+) ?(\S*)\n(.*?)^```$/ms', (string) file_get_contents(self::ROOT.'/docs/extending.md'), $found, PREG_SET_ORDER);

        return array_map(fn (array $match): array => [$match[1], $match[2], $match[3]], $found);
    }
}
