<?php

declare(strict_types=1);

namespace Jornel\Core\Shape\Scene;

/** Everything there is to draw, in true dimensions. */
final readonly class Scene
{
    /**
     * @param  list<Solid>  $solids  that do not intersect
     * @param  list<Arrow>  $arrows
     * @param  list<Anchor>  $anchors
     * @param  list<Extent>  $extents
     */
    public function __construct(public array $solids, public array $arrows = [], public array $anchors = [], public array $extents = [])
    {
    }

    /** How far the solids reach from the origin, m. */
    public function size(): Point
    {
        $x = $y = $z = 0.0;
        foreach ($this->solids as $solid) {
            foreach ($solid->faces as $face) {
                foreach ($face->corners as $corner) {
                    $x = max($x, $corner->x);
                    $y = max($y, $corner->y);
                    $z = max($z, $corner->z);
                }
            }
        }

        return new Point($x, $y, $z);
    }

    /**
     * The same without marks of some kinds, which would be too fine to see from afar.
     *
     * @param  list<string>  $kinds
     */
    public function without(array $kinds): self
    {
        return new self(array_map(fn (Solid $solid): Solid => $solid->without($kinds), $this->solids), $this->arrows, $this->anchors, $this->extents);
    }

    public function movedBy(Point $by): self
    {
        return new self(
            array_map(fn (Solid $solid): Solid => $solid->movedBy($by), $this->solids),
            array_map(fn (Arrow $arrow): Arrow => new Arrow($arrow->part, $arrow->kind, $arrow->from->plus($by), $arrow->to->plus($by)), $this->arrows),
            array_map(fn (Anchor $anchor): Anchor => new Anchor($anchor->part, $anchor->at->plus($by)), $this->anchors),
            array_map(fn (Extent $extent): Extent => new Extent($extent->name, $extent->from->plus($by), $extent->to->plus($by), $extent->away), $this->extents),
        );
    }
}
