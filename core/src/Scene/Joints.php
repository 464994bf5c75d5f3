<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/**
 * Finds the edges along which parts of a scene meet on its outside. Two sides that lie on each other make a patch; an edge of
 * it is outside if from there one gets away along that plane without meeting anything, on one side of the plane at least.
 *
 * Source: the patch by I. E. Sutherland and G. W. Hodgman, "Reentrant polygon clipping", Communications of the ACM 17 (1974).
 */
final class Joints
{
    /** How far two sides may lie apart and still lie on each other, m. */
    private const TOUCH = 0.0015;

    /** Edges shorter than this are no seam, m. */
    private const SHORTEST = 0.008;

    /** How far from an edge one begins to get away, and how far one must get, m. */
    private const OFF = 0.003;

    private const AWAY = 1.6;

    /** @var list<list<array{SolidFace, Point, Point}>> faces of each solid, each with its outward direction of unit length and a corner */
    private array $faces;

    private Occupied $occupied;

    /** @param  list<Solid>  $solids */
    private function __construct(private readonly array $solids)
    {
        $this->faces = array_map(fn (Solid $solid): array => array_map(fn (SolidFace $face): array => [$face, $face->normal()->unit(), $face->corners[0]], $solid->faces()), $solids);
        $this->occupied = new Occupied($solids);
    }

    /** @return list<JoinedEdge> */
    public static function of(Scene $scene): array
    {
        $joints = new self($scene->solids);
        $edges = [];
        for ($one = 0, $count = count($scene->solids); $one < $count; $one++) {
            for ($other = $one + 1; $other < $count; $other++) {
                if ($scene->solids[$one]->part !== $scene->solids[$other]->part && $joints->mayTouch($one, $other)) {
                    array_push($edges, ...$joints->between($one, $other));
                }
            }
        }

        return $edges;
    }

    private function mayTouch(int $one, int $other): bool
    {
        [[$low, $high], [$lowest, $highest]] = [$this->occupied->boxes[$one], $this->occupied->boxes[$other]];
        $t = self::TOUCH;

        return $low->x <= $highest->x + $t && $lowest->x <= $high->x + $t && $low->y <= $highest->y + $t && $lowest->y <= $high->y + $t && $low->z <= $highest->z + $t && $lowest->z <= $high->z + $t;
    }

    /** @return list<JoinedEdge> */
    private function between(int $one, int $other): array
    {
        $edges = [];
        foreach ($this->faces[$one] as $a => [$face, $normal, $corner]) {
            foreach ($this->faces[$other] as $b => [$against, $opposite, $its]) {
                if ($normal->dot($opposite) > -0.9999 || abs($its->minus($corner)->dot($normal)) > self::TOUCH) {
                    continue;
                }
                $patch = self::clip($face->corners, $against->corners, $normal);
                foreach ($patch as $number => $from) {
                    $to = $patch[($number + 1) % count($patch)];
                    $along = $to->minus($from);
                    $length = sqrt($along->dot($along));
                    if ($length < self::SHORTEST) {
                        continue;
                    }
                    // The patch runs as the first face does, seen from outside: what is not it lies to the right of its edges.
                    $outwards = $along->scaled(1.0 / $length)->cross($normal);
                    if ($this->isOutside($from->towards($to, 0.5), $outwards, $normal)) {
                        $edges[] = new JoinedEdge([$this->solids[$one]->part, $this->solids[$other]->part], $from, $to, [
                            [$one, ...$this->side($one, $a, $from, $to, $outwards)], [$other, ...$this->side($other, $b, $from, $to, $outwards)],
                        ]);
                    }
                }
            }
        }

        return $edges;
    }

    /**
     * On which face of a solid a strip lies along an edge of a patch, and which way: over the edge of the touching face onto
     * the next, or on the touching face itself where that goes on beyond the patch.
     *
     * @return array{int, Point}
     */
    private function side(int $solid, int $touching, Point $from, Point $to, Point $outwards): array
    {
        foreach ($this->faces[$solid] as $number => [$face, $normal, $corner]) {
            if ($number !== $touching && abs($from->minus($corner)->dot($normal)) < self::TOUCH && abs($to->minus($corner)->dot($normal)) < self::TOUCH) {
                $along = $to->minus($from)->unit();
                $over = $normal->cross($along);
                // Into the face, whichever way its edge runs.
                $middle = $face->middle()->minus($from);

                return [$number, $over->dot($middle) >= 0.0 ? $over : $over->scaled(-1.0)];
            }
        }

        return [$touching, $outwards];
    }

    private function isOutside(Point $at, Point $outwards, Point $normal): bool
    {
        foreach ([self::OFF, -self::OFF] as $off) {
            if ($this->occupied->isFree($at->plus($normal->scaled($off))->plus($outwards->scaled(self::OFF)), $outwards, self::AWAY)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What two convex polygons in one plane share.
     *
     * @param  list<Point>  $polygon  anticlockwise seen against the direction
     * @param  list<Point>  $by  either way round
     * @param  Point  $normal  of unit length
     * @return list<Point> anticlockwise as the first; empty for nothing
     */
    public static function clip(array $polygon, array $by, Point $normal): array
    {
        $middle = (new SolidFace($by === [] ? [new Point(0.0, 0.0, 0.0)] : $by))->middle();
        foreach ($by as $number => $from) {
            $to = $by[($number + 1) % count($by)];
            $inwards = $normal->cross($to->minus($from));
            if ($inwards->dot($middle->minus($from)) < 0.0) {
                $inwards = $inwards->scaled(-1.0);
            }
            $kept = [];
            foreach ($polygon as $place => $corner) {
                $next = $polygon[($place + 1) % count($polygon)];
                [$here, $there] = [$inwards->dot($corner->minus($from)), $inwards->dot($next->minus($from))];
                if ($here >= 0.0) {
                    $kept[] = $corner;
                }
                if ($here * $there < 0.0) {
                    $kept[] = $corner->towards($next, $here / ($here - $there));
                }
            }
            $polygon = $kept;
        }

        return $polygon;
    }
}
