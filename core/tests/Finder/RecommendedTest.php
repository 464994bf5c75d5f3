<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Jornel\Core\Air\Air;
use Jornel\Core\Document\FindDocument;
use Jornel\Core\Document\KitDocument;
use Jornel\Core\Document\UnitReader;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Part\Record;
use Jornel\Core\Shape\KnobAccess;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The first ten builds of six ordinary needs, as a sceptical builder would look at them. */
final class RecommendedTest extends TestCase
{
    /** Least angle to which a unit that only its foot keeps upright may be tipped, degrees. */
    private const FIRM = 10.0;

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function needs(): iterable
    {
        $room = fn (float $length, float $width, float $height, int $people, string $pollutant): array => ['length_ft' => $length, 'width_ft' => $width, 'height_ft' => $height, 'people' => $people, 'pollutant' => $pollutant];
        yield 'bedroom in smoke, 45 dBA' => [['room' => ['use' => 'dwelling'] + $room(12, 11, 8, 2, 'wildfire-pm25'), 'goal' => 'air-changes-5', 'limits' => ['level_dba' => 45]]];
        yield 'classroom by heads' => [['room' => ['use' => 'classroom'] + $room(30, 25, 9, 26, 'shared-air'), 'goal' => 'per-person']];
        yield 'garage with wood dust' => [['room' => ['floor_area_ft2' => 550, 'height_ft' => 9, 'people' => 1, 'pollutant' => 'shop-dust'], 'goal' => 'air-changes-8']];
        yield 'waiting room of a clinic' => [['room' => ['use' => 'waiting-room'] + $room(20, 16, 9, 8, 'shared-air'), 'goal' => 'per-person']];
        yield 'living room, 120 to spend' => [['room' => ['use' => 'dwelling', 'floor_area_ft2' => 700, 'height_ft' => 8, 'people' => 4, 'pollutant' => 'cadr-smoke'], 'goal' => 'room-size', 'limits' => ['first_cost' => 120]]];
        yield 'office with tape and a knife' => [['room' => ['use' => 'office'] + $room(14, 12, 8, 2, 'wildfire-pm25'), 'goal' => 'air-changes-5', 'limits' => ['tools' => ['tape', 'knife', 'tape measure', 'straightedge', 'marker', 'tissue']]]];
    }

    /** @param  array<string, mixed>  $need */
    #[DataProvider('needs')]
    public function test_the_first_ten_stand_hold_fit_and_cost_what_their_kit_costs(array $need): void
    {
        $data = Sample::data();
        $builds = array_slice(FindDocument::answer(new Record(['kind' => 'find'] + $need), $data)['builds'], 0, 10);

        self::assertNotSame([], $builds);
        foreach ($builds as $number => $build) {
            $unit = array_filter(array_intersect_key($build, array_flip(['shape', 'fan', 'filter', 'corners', 'joining', 'options', 'prefilter', 'speed'])), fn (mixed $value): bool => $value !== []);
            $said = "{$number}: ".json_encode($unit);
            $design = UnitReader::read(new Record($unit), $data, Air::reference())->design;
            self::assertNotNull($design, $said);
            $assembly = $design->assemble();

            if ($build['stands'] === 'alone' || $build['stands'] === 'feet') {
                self::assertGreaterThanOrEqual(self::FIRM, $build['tipping_degrees'], "falls over, {$said}");
            }
            self::assertFalse($design->joining->isTrial, "hangs by suction, {$said}");
            self::assertTrue($design->fan->handling->allows($design->shape->shaft($design)), "breaks the rule of its shaft, {$said}");
            // A knob that is closed in is set before, and the plug switches the unit: its guide has to say so.
            $isSaid = in_array('speed', array_map(fn (GuideStep $step): string => $step->id(), Guide::of($design, $data->catalogue())->steps), true);
            self::assertSame(KnobAccess::of($design) === KnobAccess::SetFirst, $isSaid, "covers its knob without a word, {$said}");
            self::assertFalse($assembly->isHalfDead(), "half its face is dead, {$said}");
            $kit = KitDocument::read(new Record(['kind' => 'kit', 'units' => [['unit' => $unit, 'count' => $build['units']]]]), $data)->kit;
            self::assertEqualsWithDelta((float) $build['first_cost'], $kit->list?->firstCost()->toFloat() ?? NAN, 0.004, "its kit costs another sum, {$said}");
        }
    }
}
