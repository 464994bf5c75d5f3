<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Shape\Shape;

/**
 * The design space: every family of designs that some parts allow, with what is known of each whatever the room, its goal, the
 * limits, stock and tariff. Whoever answers several questions keeps it from one to the next; figures are computed when they
 * are first asked for.
 */
final class DesignSpace
{
    /** @var list<FamilyFigures>|null */
    private ?array $families = null;

    /** @var list<Misfit> */
    private array $misfits = [];

    private readonly BalanceBound $balanceBound;

    public readonly PackPrices $prices;

    /**
     * @param  Range  $range  of which the number of units does not matter here
     * @param  int  $part  which part of it, from 0
     * @param  int  $parts  so many are as large; 1 for all of it
     */
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Range $range,
        private readonly Air $air,
        private readonly Tolerances $tolerances,
        private readonly int $part = 0,
        private readonly int $parts = 1,
    ) {
        $this->balanceBound = new BalanceBound;
        $this->prices = new PackPrices;
    }

    /** What is the same where the design space is. */
    public static function key(Catalogue $catalogue, Range $range, Air $air, Tolerances $tolerances): string
    {
        // The window of a room matters to what is set in it alone.
        $window = array_filter($range->shapes, fn (Shape $shape): bool => $shape->needsWindow()) === [] ? null : $range->window;

        return hash('xxh128', serialize([$catalogue, array_keys($range->shapes), $range->leastGrade, $range->prefilters, $window, $range->trials, array_keys($range->tooLocal), $air, $tolerances]));
    }

    /** @return iterable<FamilyFigures> always in the same order */
    public function families(): iterable
    {
        if ($this->families !== null) {
            yield from $this->families;

            return;
        }
        // Kept once all of them are there: whoever asks may leave before.
        $families = [];
        $enumeration = new FamilyEnumeration($this->catalogue, $this->range, $this->part, $this->parts);
        foreach ($enumeration->families() as $family) {
            yield $families[] = new FamilyFigures($family, $this->catalogue, $this->air, $this->tolerances, $this->balanceBound);
        }
        [$this->families, $this->misfits] = [$families, $enumeration->misfits()];
    }

    /** Whether all its families have been gone through once. */
    public function isKnown(): bool
    {
        return $this->families !== null;
    }

    /** Most fans or filters in a unit of it; null before that is known. */
    public function mostPieces(): ?int
    {
        return $this->families === null ? null : max([0, ...array_map(fn (FamilyFigures $one): int => max($one->fans, $one->filters), $this->families)]);
    }

    /** @return list<Misfit> parts that were left out of it, those that keep most out first; known once its families are */
    public function misfits(): array
    {
        return $this->misfits;
    }
}
