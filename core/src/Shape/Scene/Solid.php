<?php

declare(strict_types=1);

namespace Jornel\Core\Shape\Scene;

/** A convex body in a scene, which is a part or a piece of one. */
final readonly class Solid
{
    /**
     * @param  string  $part  id of the part it belongs to, the same as in faces and panels
     * @param  string  $material  `filter`, `fan`, `board`, `foot`, ...
     * @param  non-empty-list<SolidFace>  $faces
     */
    private function __construct(public string $part, public string $material, public array $faces)
    {
    }

    /**
     * An upright box between two opposite corners.
     *
     * @param  array<string, list<Mark>>  $marks  on `front`, `right`, `back`, `left`, `top`, `bottom`
     */
    public static function box(string $part, string $material, Point $low, Point $high, array $marks = []): self
    {
        $p = fn (int $x, int $y, int $z): Point => new Point($x === 0 ? $low->x : $high->x, $y === 0 ? $low->y : $high->y, $z === 0 ? $low->z : $high->z);

        return new self($part, $material, [
            new SolidFace([$p(0, 0, 0), $p(1, 0, 0), $p(1, 0, 1), $p(0, 0, 1)], $marks['front'] ?? []),
            new SolidFace([$p(1, 0, 0), $p(1, 1, 0), $p(1, 1, 1), $p(1, 0, 1)], $marks['right'] ?? []),
            new SolidFace([$p(1, 1, 0), $p(0, 1, 0), $p(0, 1, 1), $p(1, 1, 1)], $marks['back'] ?? []),
            new SolidFace([$p(0, 1, 0), $p(0, 0, 0), $p(0, 0, 1), $p(0, 1, 1)], $marks['left'] ?? []),
            new SolidFace([$p(0, 0, 1), $p(1, 0, 1), $p(1, 1, 1), $p(0, 1, 1)], $marks['top'] ?? []),
            new SolidFace([$p(0, 1, 0), $p(1, 1, 0), $p(1, 0, 0), $p(0, 0, 0)], $marks['bottom'] ?? []),
        ]);
    }

    /**
     * A prism over a convex outline: a rounded housing, a round body.
     *
     * @param  non-empty-list<Point>  $outline  anticlockwise when seen against the direction of the axis
     * @param  list<Mark>  $endMarks  on the far end
     */
    public static function prism(string $part, string $material, array $outline, Point $axis, array $endMarks = []): self
    {
        $count = count($outline);
        $far = array_map(fn (Point $point): Point => $point->plus($axis), $outline);
        $faces = [new SolidFace($far, $endMarks), new SolidFace(array_reverse($outline))];
        for ($i = 0; $i < $count; $i++) {
            $next = ($i + 1) % $count;
            $faces[] = new SolidFace([$outline[$i], $outline[$next], $far[$next], $far[$i]]);
        }

        return new self($part, $material, $faces);
    }

    /** @param  list<string>  $kinds of marks to leave out */
    public function without(array $kinds): self
    {
        return new self($this->part, $this->material, array_map(
            fn (SolidFace $face): SolidFace => $face->marks === [] ? $face : new SolidFace(
                $face->corners,
                array_values(array_filter($face->marks, fn (Mark $mark): bool => ! in_array($mark->kind, $kinds, true))),
            ),
            $this->faces,
        ));
    }

    public function movedBy(Point $by): self
    {
        $move = fn (Point $point): Point => $point->plus($by);

        return new self($this->part, $this->material, array_map(
            fn (SolidFace $face): SolidFace => new SolidFace(
                array_map($move, $face->corners),
                array_map(fn (Mark $mark): Mark => new Mark($mark->kind, array_map($move, $mark->points), $mark->closed), $face->marks),
            ),
            $this->faces,
        ));
    }
}
