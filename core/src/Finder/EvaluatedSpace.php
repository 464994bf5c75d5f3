<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\DesignSpace;
use Jornel\Core\Finder\Space\Misfit;

/**
 * A design space as questions see it that have stock, tariff, seat and hands in common: what its families cost there, how they
 * are heard, what is missing for them. Whoever answers several questions keeps it while only room, goal or limits change.
 */
final class EvaluatedSpace
{
    /** A part may stand in a unit twice, as filter and as prefilter. */
    private const TWICE = 2;

    /** @var list<FamilyEvaluation>|null */
    private ?array $evaluations = null;

    private readonly PriceBook $book;

    private readonly Operations $operations;

    /** @param  SearchProblem  $problem  of whose room, goal and limits of numbers nothing is taken */
    public function __construct(private readonly DesignSpace $space, private readonly SearchProblem $problem)
    {
        $this->book = new PriceBook($problem->stock, $problem->economy, $space->prices);
        $this->operations = new Operations($problem->seat, $this->book, $problem->range->units, $problem->standing());
    }

    /**
     * What is the same where the evaluations are. Pieces in stock beyond what any build of the space takes make no difference,
     * once it is known how many that are.
     */
    public static function key(DesignSpace $space, SearchProblem $problem): string
    {
        $most = $space->mostPieces();
        $stock = $most === null ? $problem->stock : $problem->stock->upTo(
            self::TWICE * $most * $problem->range->units, [...array_keys($problem->catalogue->fans), ...array_keys($problem->catalogue->filters)],
        );

        return hash('xxh128', serialize([$stock, $problem->economy, $problem->seat, $problem->range->units, $problem->standing()->levels, $problem->limits->ofMakers()]));
    }

    /** @return iterable<FamilyEvaluation> always in the same order */
    public function evaluations(): iterable
    {
        if ($this->evaluations !== null) {
            yield from $this->evaluations;

            return;
        }
        // Kept once all of them are there: whoever asks may leave before.
        $evaluations = [];
        foreach ($this->space->families() as $figures) {
            yield $evaluations[] = new FamilyEvaluation($figures, $this->problem->limits, $this->problem->stock, $this->book, $this->operations);
        }
        $this->evaluations = $evaluations;
    }

    /** Whether all families of the space have been gone through once. */
    public function isKnown(): bool
    {
        return $this->space->isKnown();
    }

    /** @return list<Misfit> parts that were left out of it, those that keep most out first; known once its families are */
    public function misfits(): array
    {
        return $this->space->misfits();
    }
}
