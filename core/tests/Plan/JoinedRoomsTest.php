<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Plan\JoinedRooms;
use PHPUnit\Framework\TestCase;

final class JoinedRoomsTest extends TestCase
{
    public function test_two_rooms_lie_against_each_other_with_their_doors_facing(): void
    {
        // Both doors are in the front wall as each room was drawn: the second is turned round.
        [$building] = JoinedRooms::of([
            'hall' => self::room(6.0, 4.0, [[3.0, 0.0, 'study']]),
            'study' => self::room(5.0, 3.0, [[1.0, 0.0, 'hall']]),
        ]);
        $study = $building->rooms['study'];

        self::assertEqualsWithDelta(new PlanePoint(3.0, -JoinedRooms::WALL), $study->at(new PlanePoint(1.0, 0.0)), 1e-12);
        self::assertEqualsWithDelta(new PlanePoint(4.0, -3.0 - JoinedRooms::WALL), $study->at(new PlanePoint(0.0, 3.0)), 1e-12, 'its back wall is now in front');
        self::assertEqualsWithDelta([-1.0, -3.0 - JoinedRooms::WALL, 6.0, 4.0], $building->frame(), 1e-12);
        self::assertEqualsWithDelta([39.0, 97.5], [$building->area(), $building->volume()], 1e-12);
        self::assertSame([[], []], [$building->apart, $building->over]);
    }

    public function test_rooms_without_a_door_between_them_are_buildings_of_their_own(): void
    {
        $buildings = JoinedRooms::of(['a' => self::room(4.0, 4.0, [[2.0, 0.0, 'b']]), 'b' => self::room(4.0, 4.0, []), 'c' => self::room(4.0, 4.0, [[2.0, 0.0, 'c']])]);

        self::assertSame([['a'], ['b'], ['c']], array_map(fn (JoinedRooms $one): array => array_keys($one->rooms), $buildings));
        self::assertSame(['A door of Hall leads to Study, which has none leading back: put it into its plan.'], JoinedRooms::unanswered(['a' => self::room(4.0, 4.0, [[2.0, 0.0, 'b']]), 'b' => self::room(4.0, 4.0, [])], ['a' => 'Hall', 'b' => 'Study']));
    }

    public function test_four_rooms_in_a_ring_close_or_it_is_said_by_how_much_not(): void
    {
        $step = 4.0 + JoinedRooms::WALL;
        $ring = fn (float $off): array => [
            'a' => self::room(4.0, 4.0, [[4.0, 2.0, 'b'], [2.0, 4.0, 'd']]),
            'b' => self::room(4.0, 4.0, [[0.0, 2.0, 'a'], [2.0, 4.0, 'c']]),
            'c' => self::room(4.0, 4.0, [[2.0, 0.0, 'b'], [0.0, 2.0, 'd']]),
            'd' => self::room(4.0, 4.0, [[2.0, 0.0, 'a'], [4.0, 2.0 + $off, 'c']]),
        ];
        [$closed] = JoinedRooms::of($ring(0.0));
        [$open] = JoinedRooms::of($ring(0.5));

        self::assertEqualsWithDelta(new PlanePoint($step, $step), $closed->rooms['c']->at(new PlanePoint(0.0, 0.0)), 1e-9);
        self::assertSame([], $closed->apart);
        self::assertCount(4, $open->rooms);
        self::assertEqualsWithDelta(0.5, $open->apart[0][2], 1e-9);
    }

    public function test_a_room_that_would_lie_over_another_is_told(): void
    {
        // The big room behind the small one’s back door reaches over the hall.
        [$building] = JoinedRooms::of([
            'hall' => self::room(8.0, 4.0, [[1.0, 4.0, 'small']]),
            'small' => self::room(2.0, 2.0, [[1.0, 0.0, 'hall'], [2.0, 1.0, 'big']]),
            'big' => self::room(5.0, 5.0, [[0.0, 4.5, 'small']]),
        ]);

        self::assertSame([['hall', 'big']], $building->over);
    }

    /** @param  list<array{float, float, string}>  $doors */
    private static function room(float $length, float $width, array $doors): FloorPlan
    {
        return FloorPlan::rectangle($length, $width, 2.5, array_map(
            fn (array $door): Furnishing => new Furnishing(FurnishingKind::Door, $door[0], $door[1], 0.8, 0.1, 2.0, leadsTo: $door[2]), $doors,
        ));
    }
}
