<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Drawing;

use Jornel\Core\Drawing\View;
use Jornel\Core\Ledger\AirStreams;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ViewTest extends TestCase
{
    #[TestWith([0])]
    #[TestWith([90])]
    #[TestWith([200])]
    #[TestWith([315])]
    public function test_from_every_side_the_dimensions_are_true_and_stand_outside(int $turn): void
    {
        $scene = Sample::design()->scene();
        [$low, $high] = $scene->reach();
        $drawing = (new View($turn))->draw($scene);
        $lengths = array_column($drawing->extents, 'length', 'name');

        // The fan's body may stand over the frames by as much as it is wider.
        self::assertEqualsWithDelta($high->x - $low->x, $lengths['width'], 0.013);
        self::assertEqualsWithDelta($high->y - $low->y, $lengths['depth'], 0.013);
        self::assertEqualsWithDelta($high->z - $low->z, $lengths['height'], 1e-9);
        $middle = $drawing->frame['x'] + $drawing->frame['width'] / 2.0;
        foreach ($drawing->extents as $extent) {
            self::assertGreaterThan(0.0, $extent['name'] === 'height' ? ($extent['x1'] - $middle) * $extent['dx'] : $extent['dy'], $extent['name']);
        }
    }

    public function test_a_full_turn_shows_the_same(): void
    {
        $strokes = fn (int $turn): array => (new View($turn))->draw(Sample::design('wedge')->scene())->strokes;

        self::assertEquals($strokes(0), $strokes(360));
        self::assertNotEquals($strokes(0), $strokes(180));
    }

    public function test_apart_no_two_parts_of_a_box_meet_and_each_keeps_its_volume(): void
    {
        foreach ([Sample::design(), Sample::design('raised-cube'), Sample::design('tall-box', 'circulator-12', '20x25x1-g13-economy')] as $design) {
            $whole = $design->scene()->solids;
            $apart = $design->scene()->apart(0.75)->solids;
            $boxes = array_map(fn (Solid $solid): array => (new Scene([$solid]))->reach(), $apart);
            foreach ($apart as $i => $one) {
                self::assertEqualsWithDelta($whole[$i]->volumeAndMiddle()[0], $one->volumeAndMiddle()[0], 1e-9);
                foreach ($apart as $j => $other) {
                    if ($one->part !== $other->part) {
                        [[$low, $high], [$from, $to]] = [$boxes[$i], $boxes[$j]];
                        self::assertFalse($low->x < $to->x && $from->x < $high->x && $low->y < $to->y && $from->y < $high->y && $low->z < $to->z && $from->z < $high->z, "{$one->part} meets {$other->part}");
                    }
                }
            }
        }
    }

    #[TestWith(['flat-panel', 'box-20-plain', '20x20x1-g13-economy'])]
    #[TestWith(['array-box', 'pc-140', '20x20x1-g13-economy'])]
    #[TestWith(['duct-box', 'inline-8', '20x20x1-g13-economy'])]
    #[TestWith(['ring', 'pc-120', 'ring-180x200'])]
    public function test_every_kind_of_shape_can_be_walked_round_and_taken_apart(string $shape, string $fan, string $filter): void
    {
        $scene = Sample::design($shape, $fan, $filter)->scene();
        foreach ([0, 120, 240] as $turn) {
            $drawing = (new View($turn, true))->draw($scene);
            self::assertNotSame([], $drawing->strokes);
            self::assertSame([], $drawing->arrows);
            self::assertCount(count($scene->anchors), $drawing->anchors);
        }
    }

    public function test_designs_with_one_mark_have_the_same_strokes_whatever_joins_them(): void
    {
        foreach (Shapes::all() as $shape) {
            $design = Fitting::into($shape, Sample::design(), Sample::catalogue());
            self::assertNotNull($design, $shape->id());
            foreach ([new View, new View(200), new View(0, true)] as $view) {
                $joined = array_map(fn (string $joining): Design => $design->made($design->corners, Sample::catalogue()->joining($joining)), ['duct-tape', 'hot-glue', 'wooden-drawer']);
                self::assertCount(1, array_unique(array_map($view->mark(...), $joined)), $shape->id());
                self::assertEquals($view->draw($joined[0]->scene())->strokes, $view->draw($joined[1]->scene())->strokes, $shape->id());
                self::assertEquals($view->draw($joined[0]->scene())->strokes, $view->draw($joined[2]->scene())->strokes, $shape->id());
            }
        }
    }

    public function test_what_looks_otherwise_has_another_mark(): void
    {
        $design = Sample::design();
        $marks = [
            (new View)->mark($design), (new View(45))->mark($design), (new View(0, true))->mark($design), (new View)->mark($design->made(Corners::Open, $design->joining)),
            (new View)->mark($design->blowing(Direction::Push)), (new View)->mark($design->with(filter: Sample::catalogue()->filter('20x20x2-g13'))),
            (new View)->mark($design->with(fan: Sample::fan(['body' => ['depth_in' => 5]]))),
        ];

        self::assertSame($marks, array_unique($marks));
    }

    public function test_what_stands_around_the_strokes_is_the_same_without_them(): void
    {
        $scene = Sample::design()->scene();
        [$whole, $around] = [(new View(90))->draw($scene), (new View(90))->drawAround($scene)];

        self::assertSame([], $around->strokes);
        self::assertEquals([$whole->anchors, $whole->arrows, $whole->extents], [$around->anchors, $around->arrows, $around->extents]);
    }

    #[TestWith(['cube', 4])]
    #[TestWith(['raised-cube', 5])]
    public function test_air_streams_through_every_face_and_hides_where_the_face_is_hidden(string $shape, int $faces): void
    {
        $behind = function (int $turn) use ($shape): array {
            $arrows = (new View($turn))->draw(Sample::design($shape)->scene())->arrows;

            return array_column($arrows, 'is_behind', 'part');
        };
        $front = $behind(0);

        self::assertCount($faces, array_filter(array_keys($front), fn (string $part): bool => str_starts_with($part, 'face-')));
        self::assertArrayHasKey('seam', $front);
        self::assertSame([false, false, true, true], [$front['face-1'], $front['face-2'], $front['face-3'], $front['face-4']]);
        self::assertFalse($front['fan'], 'What blows upwards is always seen.');
        $back = $behind(180);
        self::assertSame([true, true, false, false], [$back['face-1'], $back['face-2'], $back['face-3'], $back['face-4']]);
    }

    public function test_where_the_fan_pushes_the_air_leaves_by_every_face(): void
    {
        $kinds = array_column((new View)->draw(Sample::design(direction: Direction::Push)->scene())->arrows, 'kind', 'part');

        self::assertSame(['intake', 'outlet', 'outlet', 'outlet', 'outlet'], [$kinds['fan'], $kinds['face-1'], $kinds['face-2'], $kinds['face-3'], $kinds['face-4']]);
    }

    public function test_the_streams_are_shares_of_what_the_fan_moves(): void
    {
        $unit = Sample::ledger(Sample::room(), 'air-changes-5', Sample::design())->unit;
        self::assertNotNull($unit);
        $shares = AirStreams::of($unit);

        self::assertEqualsWithDelta(2.0, array_sum($shares), 1e-9, 'what the fan moves, and all that makes it up');
        self::assertGreaterThan(0.0, $shares['seam']);
    }
}
