<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Plan;

use Jornel\Core\Drawing\PlanSheet;
use Jornel\Core\Drawing\RoomPlan;
use Jornel\Core\Drawing\RoomScene;
use Jornel\Core\Drawing\Stroke;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Plan\InvalidPlan;
use Jornel\Core\Plan\LaidRoom;
use Jornel\Core\Plan\TapeReading;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Sound\Sound;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FloorPlanTest extends TestCase
{
    private const L = [[0.0, 0.0], [6.0, 0.0], [6.0, 2.0], [2.0, 2.0], [2.0, 5.0], [0.0, 5.0]];

    public function test_a_rectangle_is_its_three_lengths(): void
    {
        $plan = FloorPlan::rectangle(9.0, 7.0, 3.0);

        self::assertEqualsWithDelta([63.0, 189.0, 3.0, Sound::surface(9.0, 7.0, 3.0)], [$plan->area(), $plan->volume(), $plan->height(), $plan->surface()], 1e-12);
        self::assertEqualsWithDelta([9.0, 7.0], $plan->sides(), 1e-12);
    }

    public function test_a_built_in_takes_its_room_from_the_air_and_not_from_the_floor(): void
    {
        $plan = FloorPlan::drawn(PlanePoint::list(self::L), [2.5], [new Furnishing(FurnishingKind::BuiltIn, 1.0, 4.0, 2.0, 0.5, 2.0)]);

        self::assertEqualsWithDelta([18.0, 43.0], [$plan->area(), $plan->volume()], 1e-12);
    }

    public function test_walls_of_an_l_under_a_slope(): void
    {
        // Two triangles of 4 x 3 m with one corner raised by 3 m over 4 m: a slope of 3 in 4 lengthens the ceiling by 5/4.
        $plan = FloorPlan::drawn(PlanePoint::list([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]]), [2.0, 5.0, 5.0, 2.0]);

        self::assertEqualsWithDelta(12.0 + 15.0 + 2.0 * 3.0 + 5.0 * 3.0 + 2.0 * 4.0 * 3.5, $plan->surface(), 1e-12);
    }

    public function test_a_door_goes_into_the_nearest_wall_and_keeps_off_its_corners(): void
    {
        [$door, $late] = FloorPlan::drawn(PlanePoint::list(self::L), [2.5], [Furnishing::usual(FurnishingKind::Door, 3.0, 0.4), Furnishing::usual(FurnishingKind::Door, 2.1, 4.95)])->furnishings;

        self::assertEqualsWithDelta([3.0, 0.0, 0.0], [$door->x, $door->y, $door->turn], 1e-12);
        // Half its width of 0.9 m is kept free to the corner at (2, 5).
        self::assertEqualsWithDelta([2.0, 4.55, M_PI / 2.0], [$late->x, $late->y, $late->turn], 1e-9);
    }

    public function test_what_stands_outside_is_brought_in(): void
    {
        $plan = FloorPlan::drawn(PlanePoint::list(self::L), [2.5], [Furnishing::usual(FurnishingKind::Seat, 5.0, 4.0)]);

        self::assertTrue($plan->outline->contains($plan->furnishings[0]->middle()));
    }

    public function test_units_stand_where_they_are_drawn_and_then_along_the_room(): void
    {
        $plan = FloorPlan::rectangle(9.0, 6.0, 3.0, [Furnishing::usual(FurnishingKind::Unit, 1.0, 1.0)]);

        self::assertEqualsWithDelta([[1.0, 1.0], [4.5, 3.72]], array_map(fn (Furnishing $unit): array => [$unit->x, $unit->y], $plan->units(2)), 1e-12);
        self::assertCount(1, $plan->units(1));
    }

    public function test_the_level_at_a_seat_is_the_direct_and_the_diffuse_field_of_all_units(): void
    {
        $plan = FloorPlan::rectangle(8.0, 5.0, 3.0, [
            Furnishing::usual(FurnishingKind::Unit, 1.0, 1.0), Furnishing::usual(FurnishingKind::Unit, 7.0, 1.0), Furnishing::usual(FurnishingKind::Seat, 1.0, 4.0),
        ]);
        // By hand: S = 2 (40 + 39) = 158 m2, R = 158 x 0.15 / 0.85 = 27.882 m2; Lw = 60 + 10 log10(2 pi) = 67.98 dB;
        // at 3 m q / 4 pi r2 = 0.017684, at sqrt(45) m 0.0035368; 4 / R = 0.143461.
        $expected = 60.0 + 10.0 * log10(2.0 * M_PI) + 10.0 * log10((0.0176839 + 0.1434615) + (0.0035368 + 0.1434615));

        self::assertEqualsWithDelta([$expected], $plan->levelsOf([60.0, 60.0]), 1e-3);
        self::assertEqualsWithDelta(3.0, (float) $plan->nearestSeat(), 1e-12);
        self::assertNull(FloorPlan::rectangle(8.0, 5.0, 3.0)->nearestSeat());
    }

    #[TestWith([0, 6.5, [[0.0, 0.0], [6.5, 0.0], [6.5, 2.0], [2.0, 2.0], [2.0, 5.0], [0.0, 5.0]], 'the wall that runs back makes up'])]
    #[TestWith([4, 2.5, [[-0.5, 0.0], [6.0, 0.0], [6.0, 2.0], [2.0, 2.0], [2.0, 5.0], [-0.5, 5.0]], 'the first of them that comes'])]
    public function test_a_reading_moves_the_walls_that_run_the_same_way(int $wall, float $length, array $expected, string $why): void
    {
        $answer = TapeReading::take(FloorPlan::drawn(PlanePoint::list(self::L), [2.5]), $wall, $length, System::Metric);
        $set = FloorPlan::drawn($answer['corners'], [2.5], [], $answer['taped'])->outline->walls();

        self::assertEqualsWithDelta(PlanePoint::list($expected), $answer['corners'], 1e-12, $why);
        self::assertEqualsWithDelta($length, $set[$wall]->length(), 1e-12);
        self::assertSame($wall, array_search(true, $answer['taped'], true));
        foreach (FloorPlan::drawn(PlanePoint::list(self::L), [2.5])->outline->walls() as $i => $before) {
            self::assertEqualsWithDelta($before->direction(), $set[$i]->direction(), 1e-12, 'walls keep their direction');
        }
    }

    public function test_walking_round_with_the_tape_gives_every_reading(): void
    {
        // A sketch out of true by a little everywhere, then all six walls of an L as read: the last one must close.
        $corners = PlanePoint::list([[0.0, 0.0], [5.2, 0.0], [5.2, 1.7], [2.3, 1.7], [2.3, 4.4], [0.0, 4.4]]);
        $taped = [];
        foreach ([6.0, 2.0, 4.0, 3.0, 2.0, 5.0] as $wall => $length) {
            ['corners' => $corners, 'taped' => $taped] = TapeReading::take(FloorPlan::drawn($corners, [2.5], [], $taped), $wall, $length, System::Metric);
        }
        $plan = FloorPlan::drawn($corners, [2.5], [], $taped);

        self::assertEqualsWithDelta(18.0, $plan->area(), 1e-9);
        self::assertSame([true, true, true, true, true, true], $plan->taped);
    }

    public function test_readings_that_do_not_close_are_said_with_what_is_left(): void
    {
        $plan = FloorPlan::drawn(PlanePoint::list(self::L), [2.5], [], [true, false, true, false, false, false]);

        try {
            TapeReading::take($plan, 4, 2.3, System::Metric);
            self::fail('6 m of wall cannot face 4 m and 2.3 m.');
        } catch (InvalidPlan $refusal) {
            self::assertSame(['length', ['2.00 m']], [$refusal->field, $refusal->choices]);
            self::assertStringContainsString('leave 2.00 m here; this is 0.30 m more', $refusal->getMessage());
        }
    }

    public function test_a_slanted_wall_alone_swings_its_neighbour(): void
    {
        $answer = TapeReading::take(FloorPlan::drawn(PlanePoint::list([[0.0, 0.0], [4.0, 0.0], [1.0, 3.0]]), [2.5]), 0, 5.0, System::Metric);

        self::assertEquals(PlanePoint::list([[0.0, 0.0], [5.0, 0.0], [1.0, 3.0]]), $answer['corners']);
    }

    public function test_a_plan_is_read_as_it_was_drawn(): void
    {
        $room = self::read([
            'height' => '2.5 m',
            'outline' => [['x' => 0, 'y' => 0, 'height' => ''], ['x' => 4, 'y' => 0, 'height' => '3 m'], ['x' => 4, 'y' => 5, 'height' => '3 m', 'taped' => true], ['x' => 0, 'y' => 5]],
            'furnishings' => [['kind' => 'built-in', 'x' => 1, 'y' => 1, 'width' => '1 m', 'depth' => '0.5 m', 'height' => '2 m'], ['kind' => 'appliance', 'x' => 3, 'y' => 3]],
        ]);

        self::assertEqualsWithDelta([20.0, 54.0, 2.75], [$room->floorArea(), $room->volume(), $room->ceiling()], 1e-12);
        self::assertSame([false, false, true, false], $room->plan->taped);
        self::assertTrue($room->hasFuelBurning, 'An appliance on the plan burns fuel in the room.');
    }

    public function test_faults_of_a_plan_stand_at_their_fields(): void
    {
        $fields = [];
        foreach ([
            ['outline' => [['x' => 0, 'y' => 0], ['x' => 4, 'y' => 4], ['x' => 4, 'y' => 0], ['x' => 0, 'y' => 4]]],
            ['outline' => [['x' => 0, 'y' => 0], ['x' => 4, 'y' => 0, 'height' => 'tall'], ['x' => 4, 'y' => 4]]],
            ['outline' => [['x' => 0, 'y' => 0], ['x' => 0.4, 'y' => 0], ['x' => 0.4, 'y' => 4]]],
            ['outline' => [['x' => 9999, 'y' => 0], ['x' => 0.4, 'y' => 0], ['x' => 0.4, 'y' => 4]]],
            ['outline' => [['x' => 0, 'y' => 0], ['x' => 0, 'y' => 4], ['x' => 4, 'y' => 4], ['x' => 4, 'y' => 0]]],
            ['furnishings' => [['kind' => 'seat', 'x' => 1, 'y' => -9999]]],
            ['furnishings' => [['kind' => 'seat', 'x' => 1, 'y' => 1], ['kind' => 'throne', 'x' => 1, 'y' => 1]]],
            ['furnishings' => [['kind' => 'window', 'x' => 1, 'y' => 1, 'width' => '900 m']]],
            ['furnishings' => array_fill(0, 81, ['kind' => 'seat', 'x' => 1, 'y' => 1])],
            ['outline' => array_fill(0, 61, ['x' => 1, 'y' => 1])],
            ['furnishings' => [['kind' => 'built-in', 'x' => 1, 'y' => 1, 'width' => '9 m', 'depth' => '9 m', 'height' => '3 m']]],
        ] as $written) {
            try {
                self::read(['length' => '5 m', 'width' => '4 m', 'height' => '2.5 m'] + $written);
                $fields[] = '';
            } catch (InvalidEntries $refusal) {
                $fields[] = $refusal->faults[0]->field;
            } catch (Invalid $refusal) {
                $fields[] = $refusal->field;
            }
        }

        self::assertSame(['room.outline', 'room.outline.1.height', 'room.outline', 'room.outline.0.x', 'room.outline', 'room.furnishings.0.y', 'room.furnishings.1.kind', 'room.furnishings.0.width', 'room.furnishings', 'room.outline', 'room.built_ins'], $fields);
    }

    public function test_the_room_stands_with_its_far_walls_and_what_is_in_them(): void
    {
        $plan = FloorPlan::drawn(PlanePoint::list(self::L), [2.5], array_map(fn (array $one): Furnishing => Furnishing::usual(...$one), [
            [FurnishingKind::Window, 0.0, 2.0], [FurnishingKind::Door, 6.0, 1.0], [FurnishingKind::BuiltIn, 1.0, 4.0],
        ]));
        $solids = RoomScene::of($plan, null, 0)->solids;
        $walls = array_values(array_filter($solids, fn (Solid $solid): bool => $solid->part === 'wall'));
        $marks = array_merge(...array_map(fn (Solid $solid): array => array_merge(...array_map(fn ($face): array => array_map(fn (Mark $mark): string => $mark->kind, $face->marks()), $solid->faces())), $solids));

        // Seen from the front right: the left wall and the two that close the L at the back.
        self::assertCount(3, $walls);
        self::assertContains('window', $marks);
        self::assertNotContains('door', $marks, 'The wall of the door is turned away.');
        self::assertContains('threshold', $marks);
        // Floor of the L is 18 m2 and 8 cm thick.
        self::assertEqualsWithDelta(18.0 * RoomScene::WALL, $solids[0]->volumeAndMiddle()[0], 1e-9);
        foreach ($walls as $wall) {
            self::assertGreaterThan(0.0, $wall->volumeAndMiddle()[0]);
        }
    }

    public function test_every_kind_has_its_sign_on_the_plan(): void
    {
        foreach (FurnishingKind::cases() as $kind) {
            $plan = RoomPlan::of(FloorPlan::rectangle(5.0, 4.0, 2.5, [Furnishing::usual($kind, 2.0, 1.0)]));
            self::assertNotSame([], $plan->signs[0], $kind->label());
        }
        $plan = FloorPlan::rectangle(5.0, 4.0, 2.5);
        $turned = RoomPlan::of($plan, 1, [0.5, 0.5], new PlanSheet(new LaidRoom($plan, M_PI / 2.0, new PlanePoint(1.0, 0.0))));
        self::assertEquals(PlanePoint::list([[1000.0, 0.0], [1000.0, -5000.0], [-3000.0, -5000.0], [-3000.0, 0.0]]), $turned->floor[0]->points);
        self::assertContains('plan-fan', array_map(fn (Stroke $stroke): string => $stroke->kind, $turned->units));
    }

    /** @param  array<string, mixed>  $fields */
    private static function read(array $fields): Room
    {
        $data = Sample::data();

        return RoomEntry::read($fields + ['name' => 'A', 'use' => 'classroom', 'people' => '4', 'pollutant' => 'cadr-smoke'], System::Metric, $data->occupancies(), $data->pollutants(), $data->grades());
    }
}
