<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Geometry;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PolygonTest extends TestCase
{
    /** An L: two squares and a third beside them, by hand 3 m2 with its centroid at 5/6. */
    private const L = [[0.0, 0.0], [2.0, 0.0], [2.0, 1.0], [1.0, 1.0], [1.0, 2.0], [0.0, 2.0]];

    public function test_area_and_centroid_of_an_l_are_those_worked_by_hand(): void
    {
        $l = new Polygon(PlanePoint::list(self::L));

        self::assertEqualsWithDelta(3.0, $l->area(), 1e-12);
        self::assertEqualsWithDelta(-3.0, (new Polygon(PlanePoint::list(array_reverse(self::L))))->area(), 1e-12);
        self::assertEqualsWithDelta(new PlanePoint(5.0 / 6.0, 5.0 / 6.0), $l->centroid(), 1e-12);
        self::assertSame([true, true, false, false], array_map($l->contains(...), PlanePoint::list([[0.5, 1.5], [1.5, 0.5], [1.5, 1.5], [-0.1, 0.5]])));
    }

    public function test_a_bow_tie_crosses_itself_and_an_l_does_not(): void
    {
        self::assertTrue((new Polygon(PlanePoint::list([[0.0, 0.0], [1.0, 1.0], [1.0, 0.0], [0.0, 1.0]])))->crossesItself());
        self::assertFalse((new Polygon(PlanePoint::list(self::L)))->crossesItself());
    }

    public function test_the_triangles_of_random_stars_make_up_their_area(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($star = 0; $star < 200; $star++) {
            $count = $random->getInt(3, 14);
            $corners = array_map(fn (int $i): PlanePoint => (new PlanePoint($random->getInt(300, 4000) / 1000.0, 0.0))->turned(2.0 * M_PI * $i / $count), range(0, $count - 1));
            $polygon = new Polygon($corners);
            $areas = array_map(fn (array $triangle): float => PlanePoint::turn($corners[$triangle[0]], $corners[$triangle[1]], $corners[$triangle[2]]) / 2.0, $polygon->triangles());

            self::assertCount($count - 2, $areas);
            self::assertGreaterThanOrEqual(0.0, min($areas));
            self::assertEqualsWithDelta($polygon->area(), array_sum($areas), 1e-9);
            self::assertTrue($polygon->contains(new PlanePoint(0.0, 0.0)));
        }
    }
}
