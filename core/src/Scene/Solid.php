<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Closure;

/** A convex body in a scene, which is a part or a piece of one. Its sides are made when they are first asked for. */
final class Solid
{
    /** @var non-empty-list<SolidFace>|null */
    private ?array $made = null;

    /** @var array{float, Point}|null volume in m3 and middle of mass, once they were asked for */
    private ?array $known = null;

    /**
     * @param  string  $part  id of the part it belongs to, the same as in faces and panels
     * @param  string  $material  `filter`, `fan`, `board`, `foot`, ...
     * @param  Closure(): non-empty-list<SolidFace>  $make
     * @param  non-empty-list<Point>  $extremes  that it reaches to along the three axes
     * @param  int  $step  number of the step that sets it, from 1; 0 where no step says so
     * @param  array{float, Point}|(Closure(): array{float, Point})|null  $bulk  volume in m3 and middle of mass where they are known without its sides
     */
    private function __construct(
        public readonly string $part,
        public readonly string $material,
        private readonly Closure $make,
        public readonly array $extremes,
        public readonly int $step = 0,
        private readonly array|Closure|null $bulk = null,
    ) {
    }

    /**
     * A convex body of any form.
     *
     * @param  non-empty-list<SolidFace>  $faces  all of it, corners anticlockwise seen from outside
     */
    public static function of(string $part, string $material, array $faces): self
    {
        return new self($part, $material, fn (): array => $faces, array_merge(...array_map(fn (SolidFace $face): array => $face->corners, $faces)));
    }

    /** @return non-empty-list<SolidFace> */
    public function faces(): array
    {
        return $this->made ??= ($this->make)();
    }

    /** What it is called in a drawing. */
    public function label(): string
    {
        return ucfirst(str_replace('-', ' ', (string) preg_replace('/^face-(\d+)$/', 'filter $1', $this->part)));
    }

    public function atStep(int $step): self
    {
        return new self($this->part, $this->material, $this->faces(...), $this->extremes, $step, $this->bulk);
    }

    /**
     * An upright box between two opposite corners.
     *
     * @param  array<string, list<Mark>|(Closure(): list<Mark>)>  $marks  on `front`, `right`, `back`, `left`, `top`, `bottom`
     */
    public static function box(string $part, string $material, Point $low, Point $high, array $marks = []): self
    {
        return new self(
            $part, $material, fn (): array => self::sides($low, $high, $marks), [$low, $high],
            bulk: [($high->x - $low->x) * ($high->y - $low->y) * ($high->z - $low->z), $low->towards($high, 0.5)],
        );
    }

    /**
     * A prism over a convex outline: a rounded housing, a round body.
     *
     * @param  non-empty-list<Point>  $outline  anticlockwise when seen against the direction of the axis
     * @param  list<Mark>|(Closure(): list<Mark>)  $endMarks  on the far end
     */
    public static function prism(string $part, string $material, array $outline, Point $axis, array|Closure $endMarks = []): self
    {
        return new self($part, $material, fn (): array => self::mantle($outline, $axis, $endMarks), [...$outline, ...array_map(fn (Point $point): Point => $point->plus($axis), $outline)], bulk: fn (): array => self::bulkOfPrism($outline, $axis));
    }

    /**
     * A prism whose outline is drawn only when it is looked at.
     *
     * @param  Closure(): non-empty-list<Point>  $outline  as above
     * @param  non-empty-list<Point>  $extremes  of the outline along the three axes
     * @param  list<Mark>|(Closure(): list<Mark>)  $endMarks  on the far end
     * @param  array{float, Point}|null  $bulk  its volume in m3 and its middle where they are known
     */
    public static function prismWithin(string $part, string $material, Closure $outline, array $extremes, Point $axis, array|Closure $endMarks = [], ?array $bulk = null): self
    {
        return new self($part, $material, fn (): array => self::mantle($outline(), $axis, $endMarks), [...$extremes, ...array_map(fn (Point $point): Point => $point->plus($axis), $extremes)], bulk: $bulk ?? fn (): array => self::bulkOfPrism($outline(), $axis));
    }

    /**
     * The same with further marks on some of its faces.
     *
     * @param  array<int, list<Mark>>  $marks  by number of the face
     */
    public function marked(array $marks): self
    {
        return $marks === [] ? $this : new self($this->part, $this->material, fn (): array => array_map(
            fn (SolidFace $face, int $number): SolidFace => isset($marks[$number]) ? new SolidFace($face->corners, fn (): array => [...$face->marks(), ...$marks[$number]]) : $face,
            $this->faces(), array_keys($this->faces()),
        ), $this->extremes, $this->step, $this->bulk);
    }

    /** @param  list<string>  $kinds of marks to leave out */
    public function without(array $kinds): self
    {
        return $this->withFaces(fn (SolidFace $face): SolidFace => new SolidFace(
            $face->corners,
            fn (): array => array_values(array_filter($face->marks(), fn (Mark $mark): bool => ! in_array($mark->kind, $kinds, true))),
        ), $this->extremes, $this->bulk);
    }

    public function movedBy(Point $by): self
    {
        $move = fn (Point $point): Point => $point->plus($by);

        return $this->withFaces(fn (SolidFace $face): SolidFace => new SolidFace(
            array_map($move, $face->corners),
            fn (): array => array_map(fn (Mark $mark): Mark => new Mark($mark->kind, array_map($move, $mark->points), $mark->closed), $face->marks()),
        ), array_map($move, $this->extremes), function () use ($move): array {
            [$volume, $middle] = $this->volumeAndMiddle();

            return [$volume, $move($middle)];
        });
    }

    /**
     * Volume and middle of mass, by the tetrahedra from one corner to every triangle of its sides (divergence theorem).
     *
     * @return array{float, Point} m3, m
     */
    public function volumeAndMiddle(): array
    {
        return $this->known ??= match (true) {
            $this->bulk === null => $this->bulkBySides(),
            is_array($this->bulk) => $this->bulk,
            default => ($this->bulk)(),
        };
    }

    /** How low it reaches, m. */
    public function lowest(): float
    {
        return min(array_map(fn (Point $point): float => $point->z, $this->extremes));
    }

    /** @return array{float, Point} */
    private function bulkBySides(): array
    {
        $apex = $this->faces()[0]->corners[0];
        $volume = 0.0;
        $moment = new Point(0.0, 0.0, 0.0);
        foreach ($this->faces() as $face) {
            $first = $face->corners[0];
            for ($i = 1, $last = count($face->corners) - 1; $i < $last; $i++) {
                [$a, $b, $c] = [$first->minus($apex), $face->corners[$i]->minus($apex), $face->corners[$i + 1]->minus($apex)];
                $six = $a->dot($b->cross($c));
                $volume += $six / 6.0;
                $moment = $moment->plus($a->plus($b)->plus($c)->scaled($six / 24.0));
            }
        }

        return [$volume, $volume <= 0.0 ? $apex : $apex->plus($moment->scaled(1.0 / $volume))];
    }

    /**
     * The area of its outline times the length of its axis across it; its middle stands over that of the outline.
     *
     * @param  non-empty-list<Point>  $outline
     * @return array{float, Point} m3, m
     */
    private static function bulkOfPrism(array $outline, Point $axis): array
    {
        // Written out, as the finder asks thousands of prisms: triangles from the first corner.
        $first = $outline[0];
        $volume = $x = $y = $z = 0.0;
        for ($i = 1, $last = count($outline) - 1; $i < $last; $i++) {
            [$b, $c] = [$outline[$i], $outline[$i + 1]];
            [$bx, $by, $bz, $cx, $cy, $cz] = [$b->x - $first->x, $b->y - $first->y, $b->z - $first->z, $c->x - $first->x, $c->y - $first->y, $c->z - $first->z];
            $one = (($by * $cz - $bz * $cy) * $axis->x + ($bz * $cx - $bx * $cz) * $axis->y + ($bx * $cy - $by * $cx) * $axis->z) / 2.0;
            $volume += $one;
            $x += $one * ($bx + $cx);
            $y += $one * ($by + $cy);
            $z += $one * ($bz + $cz);
        }
        if ($volume === 0.0) {
            return [0.0, $first];
        }
        $thirds = 3.0 * $volume;

        return [abs($volume), new Point($first->x + $x / $thirds + $axis->x / 2.0, $first->y + $y / $thirds + $axis->y / 2.0, $first->z + $z / $thirds + $axis->z / 2.0)];
    }

    /** @return list<Point> of all its sides */
    public function corners(): array
    {
        return array_merge(...array_map(fn (SolidFace $face): array => $face->corners, $this->faces()));
    }

    /**
     * @param  callable(SolidFace): SolidFace  $change
     * @param  non-empty-list<Point>  $extremes
     * @param  array{float, Point}|(Closure(): array{float, Point})|null  $bulk
     */
    private function withFaces(callable $change, array $extremes, array|Closure|null $bulk): self
    {
        return new self($this->part, $this->material, fn (): array => array_map($change, $this->faces()), $extremes, $this->step, $bulk);
    }

    /**
     * @param  array<string, list<Mark>|(Closure(): list<Mark>)>  $marks
     * @return non-empty-list<SolidFace>
     */
    private static function sides(Point $low, Point $high, array $marks): array
    {
        // The eight corners, named by whether they lie low or high along x, y, z.
        [$lll, $hll, $hhl, $lhl] = [$low, new Point($high->x, $low->y, $low->z), new Point($high->x, $high->y, $low->z), new Point($low->x, $high->y, $low->z)];
        [$llh, $hlh, $hhh, $lhh] = [new Point($low->x, $low->y, $high->z), new Point($high->x, $low->y, $high->z), $high, new Point($low->x, $high->y, $high->z)];

        return [
            new SolidFace([$lll, $hll, $hlh, $llh], $marks['front'] ?? []),
            new SolidFace([$hll, $hhl, $hhh, $hlh], $marks['right'] ?? []),
            new SolidFace([$hhl, $lhl, $lhh, $hhh], $marks['back'] ?? []),
            new SolidFace([$lhl, $lll, $llh, $lhh], $marks['left'] ?? []),
            new SolidFace([$llh, $hlh, $hhh, $lhh], $marks['top'] ?? []),
            new SolidFace([$lhl, $hhl, $hll, $lll], $marks['bottom'] ?? []),
        ];
    }

    /**
     * @param  non-empty-list<Point>  $outline
     * @param  list<Mark>|(Closure(): list<Mark>)  $endMarks
     * @return non-empty-list<SolidFace>
     */
    private static function mantle(array $outline, Point $axis, array|Closure $endMarks): array
    {
        $count = count($outline);
        $far = array_map(fn (Point $point): Point => $point->plus($axis), $outline);
        $faces = [new SolidFace($far, $endMarks), new SolidFace(array_reverse($outline))];
        for ($i = 0; $i < $count; $i++) {
            $next = ($i + 1) % $count;
            $faces[] = new SolidFace([$outline[$i], $outline[$next], $far[$next], $far[$i]]);
        }

        return $faces;
    }
}
