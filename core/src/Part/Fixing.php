<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Pieces that hold a joining at places, as against what goes along its seams: ties, cords, straps, clips, bungees. */
final readonly class Fixing
{
    /** Distance from one place to the next along a seam, m: a hand's width and a half (common practice, no source). */
    public const HAND = 0.15;

    /**
     * @param  string  $material  id of the catalogue's material
     * @param  float  $count  pieces at each place, m of what is sold by length; above 0
     */
    private function __construct(public string $material, public FixingPlace $place, public float $count)
    {
    }

    /** @throws BadRecord */
    public static function read(Record $record): self
    {
        return new self($record->text('material'), $record->oneOf('per', FixingPlace::Filter), $record->number('count', 0.0)->si);
    }

    /**
     * What some units take, in pieces, or in metres of what is sold by length.
     *
     * @param  int  $filters  of all units
     * @param  float  $seams  length of all seams that are joined, m
     * @param  int  $units  1 or more
     */
    public function quantity(int $filters, float $seams, int $units): float
    {
        return $this->count * match ($this->place) {
            FixingPlace::Filter => $filters,
            FixingPlace::Hand => ceil($seams / self::HAND - 1e-9),
            FixingPlace::Unit => $units,
            FixingPlace::Length => $seams,
        };
    }
}
