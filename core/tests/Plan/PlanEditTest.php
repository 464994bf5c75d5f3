<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Plan;

use Jornel\Core\Plan\DrawnCorner;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Plan\InvalidPlan;
use Jornel\Core\Plan\PlanEdit;
use Jornel\Core\Quantity\System;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Expected places are worked by hand on a rectangle of 6 m x 4 m. */
final class PlanEditTest extends TestCase
{
    private const RECTANGLE = [[0.0, 0.0], [6.0, 0.0], [6.0, 4.0], [0.0, 4.0]];

    public function test_a_rectangle_has_the_room_on_the_left_of_its_walls_however_it_was_dragged(): void
    {
        $empty = new PlanEdit([], [], System::Metric);

        self::assertEquals(self::RECTANGLE, self::points($empty->rectangle(6.0, 4.0, 0.0, 0.0)));
        self::assertEquals(self::RECTANGLE, self::points($empty->rectangle(0.0, 4.01, 6.01, 0.0)));
        self::assertSame([], $empty->rectangle(0.0, 0.0, 6.0, 0.6)->corners);
    }

    public function test_walls_that_change_lose_their_readings_and_no_others(): void
    {
        $corner = self::taped()->moveCorner(0, 1.0, 1.0, 0.0);
        self::assertEquals([1.0, 1.0], self::points($corner)[0]);
        self::assertSame([false, true, true, false], self::tapes($corner));

        $wall = self::taped()->moveWall(1, 0.5, 9.0);
        self::assertEquals([[0.0, 0.0], [6.5, 0.0], [6.5, 4.0], [0.0, 4.0]], self::points($wall));
        self::assertSame([false, true, false, true], self::tapes($wall));
    }

    public function test_a_wall_gets_a_corner_or_a_recess_and_a_floor_loses_corners_down_to_three(): void
    {
        self::assertEquals([0.0, 2.0], self::points(self::taped()->addCorner(3))[4]);
        $recessed = self::taped()->addRecess(2);
        self::assertCount(8, $recessed->corners);
        self::assertEqualsWithDelta(4.5, self::points($recessed)[4][1], 1e-9);
        self::assertFalse($recessed->corners[2]->taped);
        // A foot and a half where lengths are feet.
        self::assertEqualsWithDelta(4.4572, self::points(self::taped(System::Imperial)->addRecess(2))[4][1], 1e-9);

        $three = self::taped()->removeCorner(2);
        self::assertSame([true, false, true], self::tapes($three));
        self::assertCount(3, $three->removeCorner(0)->corners);
    }

    public function test_no_wall_is_pulled_past_the_one_opposite(): void
    {
        self::assertEquals([0.5, 0.0], self::points(self::taped()->moveWall(1, -5.5, 0.0))[1]);
        self::assertEquals(self::RECTANGLE, self::points(self::taped()->moveWall(1, -6.5, 0.0)));
    }

    public function test_a_hand_is_steadied_to_three_inches_or_five_centimetres_and_drawn_into_line(): void
    {
        self::assertEquals([1.0, 1.05], self::points(self::taped()->moveCorner(0, 1.01, 1.06, 0.0))[0]);
        self::assertEqualsWithDelta(0.9906, self::points(self::taped(System::Imperial)->moveCorner(0, 1.01, 1.0, 0.0))[0][0], 1e-6);
        self::assertEquals([6.0, 0.5], self::points(self::taped()->moveCorner(0, 5.95, 0.5, 0.06))[0]);
    }

    public function test_things_go_into_the_picked_wall_or_onto_the_floor_beside_each_other(): void
    {
        $door = self::taped()->put(FurnishingKind::Door, 1)->things[0];
        self::assertEquals(['door', 6.0, 2.0, ''], [$door->kind, $door->x, $door->y, $door->leadsTo]);
        [$one, $two] = self::taped()->put(FurnishingKind::Seat, null)->put(FurnishingKind::Seat, 3)->things;
        self::assertGreaterThan(0.5, hypot($one->x - $two->x, $one->y - $two->y));

        $moved = self::taped()->put(FurnishingKind::Door, 1)->moveThing(0, 3.02, 1.0);
        self::assertEquals([3.0, 1.0], [$moved->things[0]->x, $moved->things[0]->y]);
        self::assertSame([], $moved->removeThing(0)->things);
    }

    #[TestWith(['moveCorner', [9, 0.0, 0.0, 0.0]])]
    #[TestWith(['addRecess', [-1]])]
    #[TestWith(['removeThing', [0]])]
    /** @param  list<float|int>  $with */
    public function test_what_is_not_there_cannot_be_changed(string $edit, array $with): void
    {
        $this->expectException(InvalidPlan::class);
        self::taped()->{$edit}(...$with);
    }

    private static function taped(System $system = System::Metric): PlanEdit
    {
        return new PlanEdit(array_map(fn (array $point): DrawnCorner => new DrawnCorner($point[0], $point[1], '', true), self::RECTANGLE), [], $system);
    }

    /** @return list<array{float, float}> */
    private static function points(PlanEdit $plan): array
    {
        return array_map(fn (DrawnCorner $corner): array => $corner->point()->toArray(), $plan->corners);
    }

    /** @return list<bool> */
    private static function tapes(PlanEdit $plan): array
    {
        return array_map(fn (DrawnCorner $corner): bool => $corner->taped, $plan->corners);
    }
}
