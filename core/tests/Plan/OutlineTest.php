<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\InvalidPlan;
use Jornel\Core\Plan\Outline;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class OutlineTest extends TestCase
{
    private const L = [[0.0, 0.0], [6.0, 0.0], [6.0, 2.0], [2.0, 2.0], [2.0, 5.0], [0.0, 5.0]];

    public function test_an_l_shaped_room_by_hand(): void
    {
        // 6 x 2 + 2 x 3 = 18 m2 under 2.5 m: 45 m3; a cupboard of 1 m3 in it.
        $room = Outline::of(PlanePoint::list(self::L), [2.5], 1.0);

        self::assertEqualsWithDelta([18.0, 44.0, 2.5], [$room->area(), $room->volume(), $room->meanHeight()], 1e-12);
    }

    public function test_the_sense_of_the_corners_does_not_matter(): void
    {
        self::assertEqualsWithDelta(45.0, Outline::of(PlanePoint::list(array_reverse(self::L)), [2.5])->volume(), 1e-12);
    }

    public function test_a_recess_leaves_two_walls_on_one_line(): void
    {
        // 6 x 4 m with a niche of 2 x 0.5 m behind the middle of its back wall.
        $niche = PlanePoint::list([[0.0, 0.0], [6.0, 0.0], [6.0, 4.0], [4.0, 4.0], [4.0, 4.5], [2.0, 4.5], [2.0, 4.0], [0.0, 4.0]]);

        self::assertEqualsWithDelta(25.0, Outline::of($niche, [2.5])->area(), 1e-12);
        // The same breast drawn so deep that it meets the front wall parts the room.
        $parted = array_map(fn (PlanePoint $corner): PlanePoint => new PlanePoint($corner->x, $corner->y === 4.5 ? 0.0 : $corner->y), $niche);
        $this->expectException(InvalidPlan::class);
        Outline::of($parted, [2.5]);
    }

    public function test_a_sloped_ceiling_over_a_rectangle(): void
    {
        // 4 x 5 m, from 2 m to 3 m: mean 2.5 m.
        self::assertEqualsWithDelta(50.0, Outline::of(PlanePoint::list([[0.0, 0.0], [4.0, 0.0], [4.0, 5.0], [0.0, 5.0]]), [2.0, 2.0, 3.0, 3.0])->volume(), 1e-12);
    }

    public function test_one_slope_over_an_l_is_area_times_height_at_its_middle(): void
    {
        // Height 2 + 0.2 x: the L's middle in x is (12 x 3 + 6 x 1) / 18 = 7/3, so 18 (2 + 0.2 x 7/3) = 44.4 m3.
        $heights = array_map(fn (array $corner): float => 2.0 + 0.2 * $corner[0], self::L);

        self::assertEqualsWithDelta(44.4, Outline::of(PlanePoint::list(self::L), $heights)->volume(), 1e-9);
    }

    public function test_the_middle_lies_inside_even_of_a_ring(): void
    {
        // The L balances at (7/3, 3/2) by its two rectangles: (12 x 3 + 6 x 1) / 18 and (12 x 1 + 6 x 3.5) / 18 = 11/6.
        self::assertEqualsWithDelta(new PlanePoint(7.0 / 3.0, 11.0 / 6.0), Outline::of(PlanePoint::list(self::L), [2.5])->middle(), 1e-12);
        $u = Outline::of(PlanePoint::list([[0.0, 0.0], [9.0, 0.0], [9.0, 9.0], [8.0, 9.0], [8.0, 1.0], [1.0, 1.0], [1.0, 9.0], [0.0, 9.0]]), [2.5]);
        self::assertTrue($u->contains($u->middle()));
    }

    #[TestWith([[[0.0, 0.0], [1.0, 0.0]], [2.5], 0.0, 'three corners'])]
    #[TestWith([[[0.0, 0.0], [4.0, 4.0], [4.0, 0.0], [0.0, 4.0]], [2.5], 0.0, 'cross'])]
    #[TestWith([[[0.0, 0.0], [4.0, 0.0], [4.0, 4.0]], [2.5, 2.0], 0.0, 'one for each'])]
    #[TestWith([[[0.0, 0.0], [4.0, 0.0], [4.0, 4.0]], [2.5], 30.0, 'no air'])]
    public function test_what_is_no_room_is_refused(array $corners, array $heights, float $builtIns, string $why): void
    {
        $this->expectException(InvalidPlan::class);
        $this->expectExceptionMessageMatches("/{$why}/");
        Outline::of(PlanePoint::list($corners), $heights, $builtIns);
    }
}
