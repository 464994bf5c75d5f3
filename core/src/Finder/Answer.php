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
        public array $front,
        public Bests $bests,
        public array $without,
        public array $misfits,
        public Counts $counts,
    ) {
    }

    /**
     * The answer to a question from those of all its parts.
     *
     * @param  non-empty-list<self>  $parts
     */
    public static function together(Question $question, array $parts): self
    {
        $front = new Front;
        $bests = new Bests;
        $counts = new Counts;
        $without = [];
        foreach ($question->limits->set() as $limit) {
            $without[$limit->value] = new Bests($limit);
        }
        foreach ($parts as $part) {
            foreach ($part->front as $found) {
                $front->add($found);
            }
            $bests->offerAll($part->bests);
            $counts->add($part->counts);
            foreach ($without as $limit => $own) {
                $own->offerAll($part->without[$limit]);
            }
        }

        return new self($front->all(), $bests, $without, Misfit::mostFirst(array_merge(...array_map(fn (self $part): array => $part->misfits, $parts))), $counts);
    }
}
