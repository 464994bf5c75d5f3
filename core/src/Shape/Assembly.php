<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A shape with its parts in it: all that the balance, the kit and the guide ask about. */
final readonly class Assembly
{
    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @param  list<Seam>  $seams
     * @param  list<Opening>  $openings
     * @param  list<Panel>  $panels  sheets to cut
     * @param  float  $throttle  share of the fan's flow that the narrowest opening lets through, above 0, at most 1
     * @param  list<string>  $remarks  what a builder should know about this combination
     * @param  Outlet|null  $outlet  what the fan blows through after the box; null where it blows into the open
     * @param  bool  $isIntake  whether the air that it cleans comes from outdoors
     * @param  array<string, int>  $hardware  pieces that one unit takes besides, by id of the catalogue's materials
     * @param  array<string, float>  $lengths  the same of what is sold by length, m
     * @param  list<Panel>  $cutOuts  what is cut into things that are bought and stay whole, as a tote's wall
     * @param  float  $fastened  length of joining that holds parts without closing a seam: tacked corners, feet, m
     */
    public function __construct(
        public array $faces,
        public array $seams,
        public array $openings,
        public array $panels,
        public float $throttle,
        public array $remarks,
        public ?Outlet $outlet = null,
        public bool $isIntake = false,
        public array $hardware = [],
        public array $lengths = [],
        public array $cutOuts = [],
        public float $fastened = 0.0,
    ) {
    }

    /**
     * Seams that the joining closes, as against those that rest by weight and keep a gap of their own.
     *
     * @return float m
     */
    public function joinedLength(): float
    {
        return array_sum(array_map(fn (Seam $seam): float => $seam->gap === null ? $seam->length : 0.0, $this->seams));
    }

    /**
     * What leaks whatever the joining: openings, and seams with a gap of their own.
     *
     * @return float m2
     */
    public function openArea(): float
    {
        return array_sum(array_map(fn (Seam $seam): float => $seam->length * ($seam->gap ?? 0.0), $this->seams))
            + array_sum(array_map(fn (Opening $opening): float => $opening->area, $this->openings));
    }

    public function withOpening(Opening $opening): self
    {
        return $this->changed(['openings' => [...$this->openings, $opening]]);
    }

    /** Whether air falls back through the corners of its fan. */
    public function fallsBack(): bool
    {
        foreach ($this->openings as $opening) {
            if ($opening->kind === LeakKind::Recirculation) {
                return true;
            }
        }

        return false;
    }

    /** The same with other media of the same size in every face. */
    public function refitted(Design $design): self
    {
        return $this->changed(['faces' => array_map(fn (FilterFace $face): FilterFace => $face->refitted($design), $this->faces)]);
    }

    /**
     * The same on something to stand on.
     *
     * @param  list<Panel>  $panels  cut for it
     * @param  array<string, int>  $hardware  pieces of it, by id of the catalogue's materials
     * @param  array<string, float>  $lengths  what is sold by length, m
     * @param  float  $fastened  joining that fixes it, m
     */
    public function standingOn(array $panels, array $hardware, array $lengths, float $fastened): self
    {
        return $this->changed([
            'panels' => [...$this->panels, ...$panels], 'hardware' => self::sum($this->hardware, $hardware), 'lengths' => self::sum($this->lengths, $lengths), 'fastened' => $this->fastened + $fastened,
        ]);
    }

    /**
     * The same with other pieces besides fans, filters and sheets.
     *
     * @param  array<string, int>  $hardware  by id of the catalogue's materials
     */
    public function withHardware(array $hardware): self
    {
        return $this->changed(['hardware' => $hardware]);
    }

    /**
     * @template T of int|float
     *
     * @param  array<string, T>  $one
     * @param  array<string, T>  $other
     * @return array<string, T>
     */
    private static function sum(array $one, array $other): array
    {
        foreach ($other as $id => $quantity) {
            $one[$id] = $quantity + ($one[$id] ?? 0);
        }

        return $one; // @phpstan-ignore return.type (a sum of two of a kind is of that kind)
    }

    /** @param  array<string, mixed>  $other  in place of its own, by name of the argument */
    private function changed(array $other): self
    {
        // @phpstan-ignore argument.type
        return new self(...$other + get_object_vars($this));
    }

    /** Whether the fan's own carton is made into a part of the unit, so that nothing else can be cut from it. */
    public function usesFanCarton(): bool
    {
        return array_filter($this->panels, fn (Panel $panel): bool => $panel->sheet === Panel::FAN_CARTON) !== [];
    }

    /**
     * Between two holes, and between a hole and an edge, enough board must remain.
     *
     * @throws DoesNotFit
     */
    public function holesMustKeepTheirDistance(): void
    {
        foreach ([...$this->panels, ...$this->cutOuts] as $panel) {
            $panel->holesMustKeepTheirDistance();
        }
    }

    /** Whether less than half of some filter's face works, because it lies too close behind too small a hole. */
    public function isHalfDead(): bool
    {
        return min(array_map(fn (FilterFace $face): float => $face->workingShare, $this->faces)) < 0.5;
    }

    /** @return float m2 */
    public function netArea(): float
    {
        return array_sum(array_map(fn (FilterFace $face): float => $face->netArea(), $this->faces));
    }

    /** @return float m */
    public function seamLength(): float
    {
        return array_sum(array_map(fn (Seam $seam): float => $seam->length, $this->seams));
    }
}
