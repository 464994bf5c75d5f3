<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Scene\JoinedEdge;
use Jornel\Core\Scene\Joints;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Seam;

/**
 * Finds where the seams of a unit run on its drawing. A seam knows its length, the drawing knows which edges of which parts meet:
 * they go together where their lengths agree best.
 */
final class SeamPlaces
{
    /** How far the length of edges may be off that of a seam, as a share (assumed). */
    private const OFF = 0.35;

    /** By how much a way counts as off for each kind of edges that it is put together of, and for each side (assumed). */
    private const LESS_SURE = 0.02;

    /** Ends of edges that lie so near each other make a corner, m. */
    private const CORNER = 0.03;

    /** Edges that must meet there. */
    private const MEET = 3;

    /** Cosine of the least angle between two of them. */
    private const ANGLE = 0.7;

    /** @var array<string, list<JoinedEdge>> edges by kinds of the parts that meet and whether they stand */
    private array $edges = [];

    public function __construct(private readonly Scene $scene)
    {
        foreach (Joints::of($scene) as $edge) {
            $kinds = array_map(fn (string $part): string => (string) preg_replace('/-\d+$/', '', $part), $edge->parts);
            sort($kinds);
            $this->edges[implode(' ', $kinds).($edge->isUpright() ? ' up' : ' flat')][] = $edge;
        }
    }

    /**
     * Kinds of edges for each seam, each kind for one of them; the surest first.
     *
     * @param  list<Seam>  $seams
     * @return array<int, list<JoinedEdge>> by place of the seam; none for one that is not drawn
     */
    public function ofSeams(array $seams): array
    {
        $ways = [];
        foreach ($seams as $number => $seam) {
            foreach ($this->combinations() as $kinds) {
                $length = array_sum(array_map(fn (string $kind): float => self::length($this->edges[$kind]), $kinds));
                // Where a sheet lies between, the same seam has an edge above it and one below.
                foreach ([1, 2] as $sides) {
                    $off = abs($length / $sides - $seam->length) / max(1e-9, $seam->length) + self::LESS_SURE * (count($kinds) + $sides);
                    if ($off < self::OFF) {
                        $ways[] = [$off, $number, $kinds];
                    }
                }
            }
        }
        usort($ways, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        [$found, $taken] = [[], []];
        foreach ($ways as [, $number, $kinds]) {
            if (! isset($found[$number]) && array_intersect($kinds, $taken) === []) {
                $found[$number] = array_merge(...array_map(fn (string $kind): array => $this->edges[$kind], $kinds));
                $taken = [...$taken, ...$kinds];
            }
        }

        return $found;
    }

    /**
     * Middles of so many pieces of the same length, walked round the unit.
     *
     * @param  list<JoinedEdge>  $edges
     * @return list<Point> none where there are no edges
     */
    public function along(array $edges, int $count): array
    {
        if ($edges === []) {
            return [];
        }
        $middle = $this->middle();
        usort($edges, fn (JoinedEdge $one, JoinedEdge $other): int => $this->turn($one, $middle) <=> $this->turn($other, $middle));
        if (count($edges) === $count) {
            return array_map(fn (JoinedEdge $edge): Point => $edge->from->towards($edge->to, 0.5), $edges);
        }
        $whole = self::length($edges);
        $points = [];
        for ($number = 0; $number < $count; $number++) {
            $at = ($number + 0.5) / $count * $whole;
            foreach ($edges as $edge) {
                if ($at <= $edge->length() + 1e-9) {
                    $points[] = $edge->from->towards($edge->to, min(1.0, $at / $edge->length()));
                    break;
                }
                $at -= $edge->length();
            }
        }

        return $points;
    }

    /**
     * Corners: where three edges or more, of two seams at least, meet at an angle on the outside; from below, round the unit.
     *
     * @param  array<int, list<JoinedEdge>>  $seams  edges of each
     * @return list<Point>
     */
    public function corners(array $seams): array
    {
        /** @var array<int, Point> $corners */
        $corners = [];
        /** @var array<int, list<Point>> $along directions of the edges that meet there */
        $along = [];
        /** @var array<int, array<int, true>> $of seams that meet there */
        $of = [];
        foreach ($seams as $seam => $edges) {
            foreach ($edges as $edge) {
                foreach ([$edge->from, $edge->to] as $end) {
                    $at = self::near($corners, $end) ?? count($corners);
                    $corners[$at] ??= $end;
                    $along[$at][] = $edge->to->minus($edge->from)->unit();
                    $of[$at][$seam] = true;
                }
            }
        }
        $found = array_values(array_filter($corners, fn (int $at): bool => count($along[$at]) >= self::MEET && count($of[$at]) > 1 && self::turns($along[$at]), ARRAY_FILTER_USE_KEY));
        $middle = $this->middle();
        usort($found, fn (Point $one, Point $other): int => [round($one->z, 1), atan2($one->y - $middle->y, $one->x - $middle->x)] <=> [round($other->z, 1), atan2($other->y - $middle->y, $other->x - $middle->x)]);

        return $found;
    }

    /** @param  array<int, Point>  $corners */
    private static function near(array $corners, Point $end): ?int
    {
        foreach ($corners as $number => $at) {
            $apart = $at->minus($end);
            if (sqrt($apart->dot($apart)) < self::CORNER) {
                return $number;
            }
        }

        return null;
    }

    /**
     * Whether edges meet at an angle, as against those of something round, which is drawn with many sides.
     *
     * @param  list<Point>  $directions  of unit length
     */
    private static function turns(array $directions): bool
    {
        foreach ($directions as $one) {
            foreach ($directions as $other) {
                if (abs($one->dot($other)) < self::ANGLE) {
                    return true;
                }
            }
        }

        return false;
    }

    private function middle(): Point
    {
        [$low, $high] = $this->scene->reach();

        return $low->towards($high, 0.5);
    }

    /** Angle about the upright through the middle, with height to tell apart what lies above each other. */
    private function turn(JoinedEdge $edge, Point $middle): float
    {
        $at = $edge->from->towards($edge->to, 0.5)->minus($middle);

        return round(atan2($at->y, $at->x), 2) + 1e-3 * $at->z;
    }

    /** @return list<list<string>> one kind alone, and pairs of two */
    private function combinations(): array
    {
        $kinds = array_keys($this->edges);
        $ways = array_map(fn (string $kind): array => [$kind], $kinds);
        foreach ($kinds as $i => $one) {
            foreach (array_slice($kinds, $i + 1) as $other) {
                $ways[] = [$one, $other];
            }
        }

        return $ways;
    }

    /** @param  list<JoinedEdge>  $edges */
    private static function length(array $edges): float
    {
        return array_sum(array_map(fn (JoinedEdge $edge): float => $edge->length(), $edges));
    }
}
