<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

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
        return $this->reach()[1];
    }

    /**
     * Lowest and highest coordinates of the solids, m.
     *
     * @return array{Point, Point}
     */
    public function reach(): array
    {
        // Written out: the finder asks thousands of scenes.
        $left = $front = $lowest = INF;
        $right = $back = $highest = -INF;
        foreach ($this->solids as $solid) {
            foreach ($solid->extremes as $corner) {
                $left = $corner->x < $left ? $corner->x : $left;
                $right = $corner->x > $right ? $corner->x : $right;
                $front = $corner->y < $front ? $corner->y : $front;
                $back = $corner->y > $back ? $corner->y : $back;
                $lowest = $corner->z < $lowest ? $corner->z : $lowest;
                $highest = $corner->z > $highest ? $corner->z : $highest;
            }
        }

        return [new Point($left, $front, $lowest), new Point($right, $back, $highest)];
    }

    /** The solids of one part alone. */
    public function part(string $part): self
    {
        return new self(array_values(array_filter($this->solids, fn (Solid $solid): bool => $solid->part === $part)));
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

    /**
     * The same with every solid numbered by the step that sets it.
     *
     * @param  list<list<string>>  $sets  parts that each step sets, in order
     */
    public function inSteps(array $sets): self
    {
        $numbers = [];
        foreach ($sets as $index => $parts) {
            foreach ($parts as $part) {
                $numbers[$part] ??= $index + 1;
            }
        }

        return new self(array_map(fn (Solid $solid): Solid => $solid->atStep(
            $numbers[$solid->part] ?? $numbers[(string) preg_replace('/-\d+$/', '', $solid->part)] ?? 0,
        ), $this->solids), $this->arrows, $this->anchors, $this->extents);
    }

    /** The same unit with its fan the other way round: every stream of air turns about. */
    public function reversed(): self
    {
        return new self($this->solids, array_map(fn (Arrow $arrow): Arrow => new Arrow(
            $arrow->part,
            match ($arrow->kind) {
                'outlet' => 'intake',
                'intake' => 'outlet',
                default => $arrow->kind,
            },
            $arrow->to,
            $arrow->from,
        ), $this->arrows), $this->anchors, $this->extents);
    }

    /**
     * The same with its parts drawn away from the middle, each by its own distance from it, as in an exploded view. Pieces
     * of one part stay together; arrows of the air are left out.
     *
     * @param  float  $by  how far, as a share of each part's distance: 0 leaves all in place
     */
    public function apart(float $by): self
    {
        [$low, $high] = $this->reach();
        $middle = $low->towards($high, 0.5);
        $shifts = [];
        foreach ($this->solids as $solid) {
            if (! isset($shifts[$solid->part])) {
                [$from, $to] = $this->part($solid->part)->reach();
                $shifts[$solid->part] = $from->towards($to, 0.5)->minus($middle)->scaled($by);
            }
        }
        $shift = fn (string $part): Point => $shifts[$part] ?? new Point(0.0, 0.0, 0.0);

        return new self(
            array_map(fn (Solid $solid): Solid => $solid->movedBy($shift($solid->part)), $this->solids),
            [],
            array_map(fn (Anchor $anchor): Anchor => new Anchor($anchor->part, $anchor->at->plus($shift($anchor->part))), $this->anchors),
            [],
        );
    }

    /** The same with a stream of air at every filter face and at the seams. */
    public function withStreams(): self
    {
        return new self($this->solids, Streams::of($this), $this->anchors, $this->extents);
    }

    /** @param  list<Extent>  $extents */
    public function withExtents(array $extents): self
    {
        return new self($this->solids, $this->arrows, $this->anchors, $extents);
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
