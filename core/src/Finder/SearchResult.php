<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\Misfit;

/** What the finder says: the builds that none beats, the best at each thing, and what the limits keep out. */
final readonly class SearchResult
{
    /**
     * @param  list<Found>  $front  builds within all limits that no other beats, the cheapest first
     * @param  BestBuilds  $bests  among all within the limits
     * @param  array<string, BestBuilds>  $without  by limit: among all that keep the others
     * @param  list<Misfit>  $misfits
     */
    public function __construct(
        public array $front,
        public BestBuilds $bests,
        public array $without,
        public array $misfits,
        public SearchCounts $counts,
    ) {
    }

    /**
     * Whether all that is said is sure enough to reach the goal.
     *
     * @param  float  $sure  chance that is asked for
     */
    public function areSure(float $sure): bool
    {
        foreach ([$this->front, ...array_map(fn (BestBuilds $bests): array => $bests->all(), [$this->bests, ...array_values($this->without)])] as $several) {
            foreach ($several as $found) {
                if ($found->chance() < $sure) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * The answer to a question from those of all its parts.
     *
     * @param  non-empty-list<self>  $parts
     */
    public static function together(SearchProblem $problem, array $parts): self
    {
        $front = new ParetoFront;
        $bests = new BestBuilds;
        $counts = new SearchCounts;
        $without = [];
        foreach ($problem->limits->set() as $limit) {
            $without[$limit->value] = new BestBuilds($limit);
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
