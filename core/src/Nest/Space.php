<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/**
 * What is free of a sheet, or of the waste of a hole: the largest empty boxes in it, and what lies there as convex pieces.
 * Rectangles go into a corner of an empty box (Jylänki, "A thousand ways to pack the bin", 2010: maximal rectangles); other
 * parts to a corner of the room that the no-fit polygons leave.
 */
final class Space
{
    private const SAME = 1e-7;

    /**
     * @param  list<array{float, float}>  $bound  within which parts must stay, convex, anticlockwise, m
     * @param  list<array{float, float, float, float}>  $free  largest empty boxes: left, low, right, high
     * @param  list<list<array{float, float}>>  $lying  convex pieces of what lies there
     * @param  float  $kerf  between any two parts, m
     */
    private function __construct(private readonly array $bound, public readonly array $free, private readonly array $lying, private readonly float $kerf)
    {
    }

    /** @var array<string, array{float, float, float}|null> what was found for a part as it lies, by a rule */
    private array $found = [];

    /** @var array<int, true> parts as they lie that go nowhere here */
    private array $tooLarge = [];

    /** A whole sheet, its forbidden zones kept clear. */
    public static function sheet(StockSheet $sheet, float $kerf, float $margin): self
    {
        [$right, $high] = [$sheet->width - $margin, $sheet->height - $margin];
        $space = new self([[$margin, $margin], [$right, $margin], [$right, $high], [$margin, $high]], $right > $margin && $high > $margin ? [[$margin, $margin, $right, $high]] : [], [], $kerf);
        foreach ($sheet->forbidden as $zone) {
            $pieces = ConvexCover::of(array_map(fn ($at): array => $at->toArray(), $zone));
            $space = $space->without($pieces, ConvexCover::boxes($pieces));
        }

        return $space;
    }

    /**
     * The waste of the holes of a part as it lies, those left out that are smaller than the smallest part.
     *
     * @param  float  $x  where it lies, m
     * @param  float  $y  m
     * @param  float  $least  narrow side of the smallest part, m
     * @return list<self>
     */
    public function pockets(Pose $pose, float $x, float $y, float $least): array
    {
        $spaces = $pose->waste["{$this->kerf} {$least}"] ??= array_values(array_filter(array_map(fn (array $hole): ?self => $this->pocket($hole, $least), $pose->pockets)));

        return array_map(fn (self $space): self => $space->moved($x, $y), $spaces);
    }

    /** @param  list<array{float, float}>  $hole  convex, anticlockwise */
    private function pocket(array $hole, float $least): ?self
    {
        $bound = ConvexSum::shrunk($hole, $this->kerf);
        if (count($bound) < 3) {
            return null;
        }
        $free = array_values(array_filter(ConvexCover::inner($bound), fn (array $box): bool => min($box[2] - $box[0], $box[3] - $box[1]) >= $least));

        return $free === [] ? null : new self($bound, self::largest($free), [], $this->kerf);
    }

    private function moved(float $x, float $y): self
    {
        return new self(
            array_map(fn (array $at): array => [$at[0] + $x, $at[1] + $y], $this->bound),
            array_map(fn (array $box): array => [$box[0] + $x, $box[1] + $y, $box[2] + $x, $box[3] + $y], $this->free),
            [], $this->kerf,
        );
    }

    /**
     * The best place for a part as it lies.
     *
     * @return array{float, float, float}|null the lower the first the better; then left and low, m; null where it does not go in
     */
    public function place(Pose $pose, Rule $rule): ?array
    {
        if ($pose->isBox) {
            return $this->placeBox($pose, $rule);
        }
        $form = spl_object_id($pose);
        if (isset($this->tooLarge[$form])) {
            return null;
        }
        $rule = $rule === Rule::Left || $rule === Rule::Tight ? Rule::Left : Rule::Low;
        $found = $this->found["{$form} {$rule->name}"] ??= $this->placeOther($pose, $rule);
        if ($found === null) {
            $this->tooLarge[$form] = true;
        }

        return $found;
    }

    /** Whether a part may lie there. */
    public function takes(Pose $pose, float $x, float $y): bool
    {
        $at = [$x, $y];
        $room = ConvexSum::room($this->bound, $pose->hull);
        if ($room === [] || ! self::within($room, $at, self::SAME)) {
            return false;
        }
        foreach ($this->noFit($pose) as $polygon) {
            if (self::within($polygon, $at, -self::SAME)) {
                return false;
            }
        }

        return true;
    }

    /** The same with a part lying there. */
    public function with(Pose $pose, float $x, float $y): self
    {
        return $this->without(
            array_map(fn (array $piece): array => array_map(fn (array $at): array => [$at[0] + $x, $at[1] + $y], $piece), $pose->convex),
            array_map(fn (array $box): array => [$box[0] + $x, $box[1] + $y, $box[2] + $x, $box[3] + $y], $pose->boxes),
        );
    }

    /** @return float area of the largest empty box, m2 */
    public function largestBox(): float
    {
        return array_reduce($this->free, fn (float $most, array $box): float => max($most, ($box[2] - $box[0]) * ($box[3] - $box[1])), 0.0);
    }

    /**
     * @param  list<list<array{float, float}>>  $pieces
     * @param  list<array{float, float, float, float}>  $boxes
     */
    private function without(array $pieces, array $boxes): self
    {
        $free = $this->free;
        foreach ($boxes as [$left, $low, $right, $high]) {
            $free = self::cut($free, $left - $this->kerf, $low - $this->kerf, $right + $this->kerf, $high + $this->kerf);
        }

        return new self($this->bound, $free, [...$this->lying, ...$pieces], $this->kerf);
    }

    /** @return array{float, float, float}|null */
    private function placeBox(Pose $pose, Rule $rule): ?array
    {
        [$width, $height] = [$pose->width - self::SAME, $pose->height - self::SAME];
        $best = null;
        foreach ($this->free as [$left, $low, $right, $high]) {
            [$besides, $above] = [$right - $left - $width, $high - $low - $height];
            if ($besides < 0.0 || $above < 0.0) {
                continue;
            }
            $score = match ($rule) {
                Rule::ShortSide => min($besides, $above) + 1e-3 * max($besides, $above),
                Rule::Low => $low + $height + 1e-3 * $left,
                Rule::Left => $left + $width + 1e-3 * $low,
                Rule::Tight => ($right - $left) * ($high - $low) - $width * $height,
            };
            if ($best === null || $score < $best[0]) {
                $best = [$score, $left, $low];
            }
        }

        return $best;
    }

    /** @return array{float, float, float}|null */
    private function placeOther(Pose $pose, Rule $rule): ?array
    {
        if (! $this->hasRoomFor($pose)) {
            return null;
        }
        $room = ConvexSum::room($this->bound, $pose->hull);
        if ($room === []) {
            return null;
        }
        $noFit = $this->noFit($pose);
        $score = fn (float $x, float $y): float => match ($rule) {
            Rule::Left => $x + $pose->width + 1e-3 * $y,
            default => $y + $pose->height + 1e-3 * $x,
        };
        $extents = array_map(fn (array $polygon): array => self::extent($polygon), $noFit);
        $candidates = [];
        foreach (self::corners([$room, ...$noFit], [self::extent($room), ...$extents]) as [$x, $y]) {
            $candidates[] = [$score($x, $y), $x, $y];
        }
        sort($candidates);
        foreach ($candidates as [$value, $x, $y]) {
            $at = [$x, $y];
            if (! self::within($room, $at, self::SAME)) {
                continue;
            }
            foreach ($extents as $number => [$left, $low, $right, $high]) {
                if ($x > $left && $x < $right && $y > $low && $y < $high && self::within($noFit[$number], $at, -self::SAME)) {
                    continue 2;
                }
            }

            return [$value, $x, $y];
        }

        return null;
    }

    /**
     * Corners of polygons, and where the edges of two cross, as far as they lie in the extent of the first.
     *
     * @param  non-empty-list<list<array{float, float}>>  $polygons  convex
     * @param  non-empty-list<array{float, float, float, float}>  $extents  of each
     * @return list<array{float, float}>
     */
    private static function corners(array $polygons, array $extents): array
    {
        [$west, $south, $east, $north] = $extents[0];
        $corners = $edges = [];
        foreach ($polygons as $number => $polygon) {
            $edges[$number] = [];
            if ($extents[$number][0] > $east || $extents[$number][1] > $north || $extents[$number][2] < $west || $extents[$number][3] < $south) {
                continue;
            }
            [$ax, $ay] = $polygon[count($polygon) - 1];
            foreach ($polygon as [$bx, $by]) {
                if ($bx >= $west && $bx <= $east && $by >= $south && $by <= $north) {
                    $corners[] = [$bx, $by];
                }
                [$left, $right, $low, $high] = [$ax < $bx ? $ax : $bx, $ax < $bx ? $bx : $ax, $ay < $by ? $ay : $by, $ay < $by ? $by : $ay];
                if ($right >= $west && $left <= $east && $high >= $south && $low <= $north) {
                    $edges[$number][] = [$ax, $ay, $bx - $ax, $by - $ay, $left, $right, $low, $high];
                }
                [$ax, $ay] = [$bx, $by];
            }
        }
        foreach ($edges as $number => $of) {
            [$left, $low, $right, $high] = $extents[$number];
            foreach ($edges as $other => $ofOther) {
                if ($other <= $number || $extents[$other][0] > $right || $extents[$other][2] < $left || $extents[$other][1] > $high || $extents[$other][3] < $low) {
                    continue;
                }
                foreach ($ofOther as [$cx, $cy, $vx, $vy, $l, $r, $d, $u]) {
                    if ($l > $right || $r < $left || $d > $high || $u < $low) {
                        continue;
                    }
                    foreach ($of as [$ax, $ay, $ux, $uy, $l2, $r2, $d2, $u2]) {
                        if ($l > $r2 || $r < $l2 || $d > $u2 || $u < $d2) {
                            continue;
                        }
                        $cross = $ux * $vy - $uy * $vx;
                        if ($cross < 1e-12 && $cross > -1e-12) {
                            continue;
                        }
                        $s = (($cx - $ax) * $vy - ($cy - $ay) * $vx) / $cross;
                        $t = (($cx - $ax) * $uy - ($cy - $ay) * $ux) / $cross;
                        if ($s >= 0.0 && $s <= 1.0 && $t >= 0.0 && $t <= 1.0) {
                            $corners[] = [$ax + $s * $ux, $ay + $s * $uy];
                        }
                    }
                }
            }
        }

        return $corners;
    }

    /** Whether some empty box takes most of the largest box in it: else looking closer is no use. */
    private function hasRoomFor(Pose $pose): bool
    {
        [$width, $height] = $pose->within;
        foreach ($this->free as [$left, $low, $right, $high]) {
            if ($right - $left >= $width && $high - $low >= $height) {
                return true;
            }
        }

        return false;
    }

    /**
     * Where the lower left of its extent may not lie, the kerf counted.
     *
     * @return list<list<array{float, float}>>
     */
    private function noFit(Pose $pose): array
    {
        $k = $this->kerf;
        $square = [[-$k, -$k], [$k, -$k], [$k, $k], [-$k, $k]];
        $polygons = [];
        foreach ($pose->convex as $piece) {
            $mirrored = array_map(fn (array $at): array => [-$at[0], -$at[1]], $piece);
            $mirrored = $k > 0.0 ? ConvexSum::of($mirrored, $square) : $mirrored;
            foreach ($this->lying as $other) {
                $polygons[] = ConvexSum::of($other, $mirrored);
            }
        }

        return $polygons;
    }

    /**
     * @param  list<array{float, float}>  $polygon
     * @return array{float, float, float, float} left, low, right, high
     */
    private static function extent(array $polygon): array
    {
        [$left, $low, $right, $high] = [INF, INF, -INF, -INF];
        foreach ($polygon as [$x, $y]) {
            [$left, $low, $right, $high] = [$x < $left ? $x : $left, $y < $low ? $y : $low, $x > $right ? $x : $right, $y > $high ? $y : $high];
        }

        return [$left - self::SAME, $low - self::SAME, $right + self::SAME, $high + self::SAME];
    }

    /**
     * Whether a point lies in a convex polygon made so much larger, or smaller where below zero.
     *
     * @param  list<array{float, float}>  $polygon
     * @param  array{float, float}  $at
     */
    private static function within(array $polygon, array $at, float $by): bool
    {
        [$x, $y] = $at;
        [$ax, $ay] = $polygon[count($polygon) - 1];
        foreach ($polygon as [$bx, $highEdge]) {
            [$ex, $ey] = [$bx - $ax, $highEdge - $ay];
            if ($ex * ($y - $ay) - $ey * ($x - $ax) < -$by * sqrt($ex * $ex + $ey * $ey)) {
                return false;
            }
            [$ax, $ay] = [$bx, $highEdge];
        }

        return true;
    }

    /**
     * Empty boxes after a box was taken out of them: only the largest are kept.
     *
     * @param  list<array{float, float, float, float}>  $free
     * @return list<array{float, float, float, float}>
     */
    private static function cut(array $free, float $left, float $low, float $right, float $high): array
    {
        $kept = $new = [];
        foreach ($free as $box) {
            [$a, $b, $c, $d] = $box;
            if ($left >= $c - self::SAME || $right <= $a + self::SAME || $low >= $d - self::SAME || $high <= $b + self::SAME) {
                $kept[] = $box;

                continue;
            }
            if ($left > $a + self::SAME) {
                $new[] = [$a, $b, $left, $d];
            }
            if ($right < $c - self::SAME) {
                $new[] = [$right, $b, $c, $d];
            }
            if ($low > $b + self::SAME) {
                $new[] = [$a, $b, $c, $low];
            }
            if ($high < $d - self::SAME) {
                $new[] = [$a, $high, $c, $d];
            }
        }

        return $new === [] ? $kept : [...$kept, ...self::largest($new, $kept)];
    }

    /**
     * Boxes that lie in no other.
     *
     * @param  list<array{float, float, float, float}>  $boxes
     * @param  list<array{float, float, float, float}>  $others  that are kept anyway
     * @return list<array{float, float, float, float}>
     */
    private static function largest(array $boxes, array $others = []): array
    {
        $largest = [];
        foreach ($boxes as $i => [$a, $b, $c, $d]) {
            foreach ($others as [$e, $f, $g, $h]) {
                if ($a >= $e && $b >= $f && $c <= $g && $d <= $h) {
                    continue 2;
                }
            }
            foreach ($boxes as $j => [$e, $f, $g, $h]) {
                if ($i !== $j && $a >= $e && $b >= $f && $c <= $g && $d <= $h && ($j < $i || [$a, $b, $c, $d] !== [$e, $f, $g, $h])) {
                    continue 2;
                }
            }
            $largest[] = [$a, $b, $c, $d];
        }

        return $largest;
    }
}
