<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/**
 * Finds the edges along which parts of a scene meet on its outside. Two sides that lie on each other make a patch; an edge of
 * it is outside if from there one gets away along that plane without meeting anything, on one side of the plane at least. Parts
 * at an angle to each other meet along a line instead, an edge of one on a side of the other; it is outside if one gets away
 * through the notch between them.
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
        $isPatch = false;
        foreach ($this->faces[$one] as $a => [$face, $normal, $corner]) {
            foreach ($this->faces[$other] as $b => [$against, $opposite, $its]) {
                if ($normal->dot($opposite) > -0.9999 || abs($its->minus($corner)->dot($normal)) > self::TOUCH) {
                    continue;
                }
                $patch = self::clip($face->corners, $against->corners, $normal);
                $isPatch = $isPatch || count($patch) >= 3;
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

        return $isPatch ? $edges : array_values($this->alongLines($one, $other) + $this->alongLines($other, $one));
    }

    /**
     * Edges of one solid that lie on sides of another.
     *
     * @return array<string, JoinedEdge> by where they are, each once
     */
    private function alongLines(int $one, int $other): array
    {
        $edges = [];
        foreach ($this->faces[$one] as $a => [$face, $normal]) {
            foreach ($face->corners as $number => $from) {
                $to = $face->corners[($number + 1) % count($face->corners)];
                $direction = $to->minus($from)->unit();
                foreach ($this->faces[$other] as $b => [$against, $opposite]) {
                    $line = $this->on($other, $b, $from, $to);
                    if ($line === null) {
                        continue;
                    }
                    $middle = $line[0]->towards($line[1], 0.5);
                    $key = sprintf('%.3f %.3f %.3f', $middle->x, $middle->y, $middle->z);
                    $over = $normal->cross($direction);
                    foreach ([1.0, -1.0] as $way) {
                        $beside = $opposite->cross($direction)->scaled($way);
                        $isOn = $this->on($other, $b, $middle->plus($beside->scaled(self::OFF)), $middle->plus($beside->scaled(self::OFF + self::SHORTEST))) !== null;
                        $through = $over->plus($beside)->unit();
                        if (! isset($edges[$key]) && $isOn && $through->dot($through) > 0.0 && $this->occupied->isFree($middle->plus($through->scaled(self::OFF)), $through, self::AWAY)) {
                            $edges[$key] = new JoinedEdge([$this->solids[$one]->part, $this->solids[$other]->part], $line[0], $line[1], [[$one, $a, $over], [$other, $b, $beside]]);
                        }
                    }
                }
            }
        }

        return $edges;
    }

    /**
     * The piece of a line that lies on a face.
     *
     * @return array{Point, Point}|null null for none that is long enough
     */
    private function on(int $solid, int $number, Point $from, Point $to): ?array
    {
        [$face, $normal, $corner] = $this->faces[$solid][$number];
        if (abs($from->minus($corner)->dot($normal)) > self::TOUCH || abs($to->minus($corner)->dot($normal)) > self::TOUCH) {
            return null;
        }
        [$begins, $ends] = [0.0, 1.0];
        foreach ($face->corners as $place => $here) {
            $inwards = $normal->cross($face->corners[($place + 1) % count($face->corners)]->minus($here))->unit();
            [$first, $last] = [$from->minus($here)->dot($inwards) + self::TOUCH, $to->minus($here)->dot($inwards) + self::TOUCH];
            if ($first < 0.0 && $last < 0.0) {
                return null;
            }
            if ($first < 0.0) {
                $begins = max($begins, $first / ($first - $last));
            } elseif ($last < 0.0) {
                $ends = min($ends, $first / ($first - $last));
            }
        }
        $along = $to->minus($from);

        return ($ends - $begins) * sqrt($along->dot($along)) < self::SHORTEST - 1e-9 ? null : [$from->towards($to, $begins), $from->towards($to, $ends)];
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
