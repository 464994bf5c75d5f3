<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Nest;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\Layout;
use Jornel\Core\Nest\Placement;
use PHPUnit\Framework\Assert;

/** Whether a layout can be cut: looked at from its outlines alone, with nothing that the nesting itself uses. */
final class LayoutCheck
{
    private const SAME = 1e-6;

    /** @param  float  $kerf  m */
    public static function holds(Layout $layout, float $kerf, float $margin, string $where = ''): void
    {
        foreach ($layout->sheets as $sheet) {
            $lying = array_map(self::outlines(...), $sheet->placed);
            foreach ($lying as $i => [$outline, $holes]) {
                self::isOn($sheet, $outline, $margin, $where);
                foreach ($sheet->sheet->forbidden as $zone) {
                    Assert::assertGreaterThanOrEqual($kerf - self::SAME, self::apart($outline, $zone), "{$where}: on a forbidden zone");
                }
                foreach (array_slice($lying, 0, $i) as [$other, $otherHoles]) {
                    $apart = max(
                        self::apart($outline, $other),
                        self::insideAHole($outline, $otherHoles),
                        self::insideAHole($other, $holes),
                    );
                    Assert::assertGreaterThanOrEqual($kerf - self::SAME, $apart, "{$where}: two parts lie on each other or too close");
                }
            }
        }
    }

    /**
     * @return array{non-empty-list<PlanePoint>, list<non-empty-list<PlanePoint>>}
     */
    private static function outlines(Placement $placement): array
    {
        $at = new PlanePoint(...$placement->origin());
        $turn = deg2rad($placement->pose->degrees);
        $holes = [];
        foreach ($placement->piece->holes as $hole) {
            $holes[] = array_map(fn (PlanePoint $corner): PlanePoint => $corner->turned($turn)->plus($at), $hole);
        }

        return [array_map(fn (PlanePoint $corner): PlanePoint => $corner->turned($turn)->plus($at), $placement->piece->outline), $holes];
    }

    /** @param  non-empty-list<PlanePoint>  $outline */
    private static function isOn(FilledSheet $sheet, array $outline, float $margin, string $where): void
    {
        foreach ($outline as $at) {
            Assert::assertTrue(
                $at->x >= $margin - self::SAME && $at->y >= $margin - self::SAME && $at->x <= $sheet->sheet->width - $margin + self::SAME && $at->y <= $sheet->sheet->height - $margin + self::SAME,
                "{$where}: a part lies off its sheet",
            );
        }
    }

    /**
     * How far two polygons are apart, m; below zero where one lies on the other.
     *
     * @param  non-empty-list<PlanePoint>  $one
     * @param  non-empty-list<PlanePoint>  $other
     */
    private static function apart(array $one, array $other): float
    {
        if (self::reaches($one, $other) || self::reaches($other, $one)) {
            return -1.0;
        }

        return self::betweenEdges($one, $other);
    }

    /**
     * How far a polygon keeps from the edge of the hole that it lies in; below zero where it lies in none.
     *
     * @param  non-empty-list<PlanePoint>  $one
     * @param  list<non-empty-list<PlanePoint>>  $holes
     */
    private static function insideAHole(array $one, array $holes): float
    {
        foreach ($holes as $hole) {
            if (array_filter($one, fn (PlanePoint $at): bool => ! (new Polygon($hole))->contains($at) && self::toEdge($at, $hole) > self::SAME) === []) {
                return self::betweenEdges($one, $hole);
            }
        }

        return -1.0;
    }

    /**
     * Whether a polygon has a corner or a place on a side well inside another, or is the same.
     *
     * @param  non-empty-list<PlanePoint>  $one
     * @param  non-empty-list<PlanePoint>  $other
     */
    private static function reaches(array $one, array $other): bool
    {
        $count = count($one);
        $polygon = new Polygon($other);
        foreach ($one as $i => $at) {
            $next = $one[($i + 1) % $count];
            foreach ([0.0, 0.25, 0.5, 0.75] as $share) {
                $point = $at->plus($next->minus($at)->scaled($share));
                if ($polygon->contains($point) && self::toEdge($point, $other) > self::SAME) {
                    return true;
                }
            }
        }

        return (new Polygon($one))->centroid()->distanceTo($polygon->centroid()) < self::SAME;
    }

    /**
     * @param  non-empty-list<PlanePoint>  $one
     * @param  non-empty-list<PlanePoint>  $other
     */
    private static function betweenEdges(array $one, array $other): float
    {
        $least = INF;
        foreach ($one as $at) {
            $least = min($least, self::toEdge($at, $other));
        }
        foreach ($other as $at) {
            $least = min($least, self::toEdge($at, $one));
        }

        return $least;
    }

    /** @param  non-empty-list<PlanePoint>  $polygon */
    private static function toEdge(PlanePoint $at, array $polygon): float
    {
        $least = INF;
        $count = count($polygon);
        foreach ($polygon as $i => $from) {
            $edge = $polygon[($i + 1) % $count]->minus($from);
            $length = $edge->dot($edge);
            $share = $length > 0.0 ? max(0.0, min(1.0, $at->minus($from)->dot($edge) / $length)) : 0.0;
            $least = min($least, $at->distanceTo($from->plus($edge->scaled($share))));
        }

        return $least;
    }
}
