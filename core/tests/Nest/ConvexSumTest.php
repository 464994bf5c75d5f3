<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Nest;

use Jornel\Core\Geometry\ConvexHull;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Nest\ConvexCover;
use Jornel\Core\Nest\ConvexSum;
use PHPUnit\Framework\TestCase;

/** Sums and covers of polygons against what their definition says, on random ones. */
final class ConvexSumTest extends TestCase
{
    public function test_a_sum_is_the_hull_of_all_sums_of_corners(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 60; $round++) {
            [$one, $other] = [self::convex(mt_rand(3, 9)), self::convex(mt_rand(3, 9))];
            $sums = [];
            foreach ($one as [$ax, $ay]) {
                foreach ($other as [$bx, $by]) {
                    $sums[] = [$ax + $bx, $ay + $by];
                }
            }
            self::assertEqualsWithDelta(self::area(self::hull($sums)), self::area(ConvexSum::of($one, $other)), 1e-12, "round {$round}");
        }
    }

    public function test_the_sum_of_two_rectangles_is_as_wide_as_both(): void
    {
        $box = fn (float $width, float $height): array => [[0.0, 0.0], [$width, 0.0], [$width, $height], [0.0, $height]];
        self::assertEqualsWithDelta(0.7 * 0.5, self::area(ConvexSum::of($box(0.3, 0.1), $box(0.4, 0.4))), 1e-12);
    }

    public function test_the_room_of_a_part_is_where_all_its_corners_stay_within(): void
    {
        mt_srand(4);
        $bound = self::convex(8, 1.0);
        $points = self::convex(5, 0.2);
        $room = ConvexSum::room($bound, $points);
        self::assertNotSame([], $room);
        for ($try = 0; $try < 400; $try++) {
            [$x, $y] = [mt_rand(-1500, 1500) / 1000.0, mt_rand(-1500, 1500) / 1000.0];
            $isWithin = array_filter($points, fn (array $at): bool => ! self::contains($bound, $at[0] + $x, $at[1] + $y, 1e-9)) === [];
            $isClose = abs(self::inset($room, $x, $y)) < 1e-6;
            self::assertTrue($isClose || $isWithin === self::contains($room, $x, $y, 0.0), "at {$x}, {$y}");
        }
        self::assertSame([], ConvexSum::room(self::convex(6, 0.1), self::convex(6, 1.0)), 'a part larger than its room');
    }

    public function test_a_polygon_that_is_shrunk_keeps_so_far_from_its_edges(): void
    {
        $shrunk = ConvexSum::shrunk([[0.0, 0.0], [1.0, 0.0], [1.0, 0.6], [0.0, 0.6]], 0.1);
        self::assertEqualsWithDelta(0.8 * 0.4, self::area($shrunk), 1e-12);
        self::assertLessThan(3, count(ConvexSum::shrunk([[0.0, 0.0], [0.1, 0.0], [0.1, 0.1], [0.0, 0.1]], 0.06)));
    }

    public function test_pieces_and_boxes_cover_a_polygon_and_hardly_more(): void
    {
        $shapes = [
            'an L' => [[0.0, 0.0], [0.5, 0.0], [0.5, 0.1], [0.1, 0.1], [0.1, 0.4], [0.0, 0.4]],
            'a U' => [[0.0, 0.0], [0.5, 0.0], [0.5, 0.4], [0.4, 0.4], [0.4, 0.1], [0.1, 0.1], [0.1, 0.4], [0.0, 0.4]],
            'a sector of a ring' => [
                ...array_map(fn (int $step): array => [0.3 * cos($step * 0.05), 0.3 * sin($step * 0.05)], range(0, 40)),
                ...array_map(fn (int $step): array => [0.2 * cos($step * 0.05), 0.2 * sin($step * 0.05)], range(40, 0)),
            ],
        ];
        mt_srand(5);
        foreach ($shapes as $name => $corners) {
            $pieces = ConvexCover::of($corners);
            $polygon = new Polygon(PlanePoint::list($corners));
            $covered = array_sum(array_map(self::area(...), $pieces));
            self::assertGreaterThanOrEqual($polygon->area() - 1e-9, $covered, $name);
            self::assertLessThan(1.35 * $polygon->area(), $covered, $name);
            self::assertLessThanOrEqual(14, count($pieces), "{$name}: many pieces");
            $boxes = ConvexCover::boxes($pieces);
            for ($try = 0; $try < 300; $try++) {
                [$x, $y] = [mt_rand(-50, 550) / 1000.0, mt_rand(-50, 450) / 1000.0];
                if ($polygon->contains(new PlanePoint($x, $y))) {
                    self::assertNotSame([], array_filter($pieces, fn (array $piece): bool => self::contains($piece, $x, $y, 1e-7)), "{$name}: a piece is missing");
                    self::assertNotSame([], array_filter($boxes, fn (array $box): bool => $x >= $box[0] - 1e-7 && $y >= $box[1] - 1e-7 && $x <= $box[2] + 1e-7 && $y <= $box[3] + 1e-7), "{$name}: a box is missing");
                }
            }
        }
    }

    public function test_a_coarser_polygon_holds_the_finer_one_and_a_box_within_is_within(): void
    {
        $circle = array_map(fn (int $step): array => [0.2 * cos($step * M_PI / 30.0), 0.2 * sin($step * M_PI / 30.0)], range(0, 59));
        $coarse = ConvexCover::coarser($circle);
        self::assertLessThanOrEqual(16, count($coarse));
        foreach ($circle as [$x, $y]) {
            self::assertTrue(self::contains($coarse, $x, $y, 1e-9));
        }
        self::assertLessThan(1.03 * self::area($circle), self::area($coarse));
        foreach (ConvexCover::inner($circle) as [$left, $low, $right, $high]) {
            foreach ([[$left, $low], [$right, $low], [$right, $high], [$left, $high]] as [$x, $y]) {
                self::assertTrue(self::contains($circle, $x, $y, 1e-9));
            }
        }
    }

    /** @return list<array{float, float}> */
    private static function convex(int $corners, float $size = 0.5): array
    {
        do {
            $hull = self::hull(array_map(fn (): array => [$size * mt_rand(-1000, 1000) / 1000.0, $size * mt_rand(-1000, 1000) / 1000.0], range(1, 3 * $corners)));
        } while (count($hull) < 3);

        return $hull;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function hull(array $points): array
    {
        return array_map(fn (PlanePoint $at): array => $at->toArray(), ConvexHull::of(PlanePoint::list($points)));
    }

    /** @param  list<array{float, float}>  $polygon */
    private static function area(array $polygon): float
    {
        return (new Polygon(PlanePoint::list($polygon)))->area();
    }

    /** @param  list<array{float, float}>  $polygon */
    private static function contains(array $polygon, float $x, float $y, float $by): bool
    {
        return self::inset($polygon, $x, $y) >= -$by;
    }

    /**
     * How far inside all edges a point lies; below zero outside.
     *
     * @param  list<array{float, float}>  $polygon
     */
    private static function inset(array $polygon, float $x, float $y): float
    {
        $least = INF;
        $count = count($polygon);
        foreach ($polygon as $i => [$ax, $ay]) {
            [$bx, $by] = $polygon[($i + 1) % $count];
            $least = min($least, (($bx - $ax) * ($y - $ay) - ($by - $ay) * ($x - $ax)) / max(1e-12, hypot($bx - $ax, $by - $ay)));
        }

        return $least;
    }
}
