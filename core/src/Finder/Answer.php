<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** What the finder says: the builds that none beats, the best at each thing, and what the limits keep out. */
final readonly class Answer
{
    /**
     * @param  list<Found>  $front  builds within all limits that no other beats, the cheapest first
     * @param  Bests  $bests  among all within the limits
     * @param  array<string, Bests>  $without  by limit: among all that keep the others
     * @param  list<Misfit>  $misfits
     */
    public function __construct(
        public Question $question,
        public array $front,
        public Bests $bests,
        public array $without,
        public array $misfits,
        public Counts $counts,
    ) {
    }
}
