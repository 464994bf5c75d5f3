<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Closure;
use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Design;

/** Candidates that have something chosen in common; what is not chosen yet is taken at its best. */
final readonly class Branch
{
    /**
     * @param  Operation  $operation  speed and number of units
     * @param  Measures  $atBest  that none of its candidates is better than
     * @param  float  $share  of the goal, at best
     * @param  int  $weight  candidates that it stands for
     * @param  Filter|null  $filter  null where its media are not chosen
     * @param  (Closure(int): float)|null  $shares  of the goal, at best, by number of units; where its media are not chosen
     * @param  bool  $isTight  whether its bound cannot be told more closely before its media are chosen
     * @param  PricedVariant|null  $priced  null where corners and joining are not chosen
     * @param  float  $changes  of all filters over the years, where they are chosen
     */
    public function __construct(
        public FamilyEvaluation $evaluation,
        public Operation $operation,
        public Measures $atBest,
        public float $share,
        public int $weight,
        public ?Filter $filter = null,
        public ?Closure $shares = null,
        public ?PricedVariant $priced = null,
        public bool $isTight = false,
        public float $changes = 0.0,
    ) {
    }

    /** The same with a closer bound on what it has at best. */
    public function tightened(Measures $atBest): self
    {
        return new self($this->evaluation, $this->operation, $atBest, $this->share, $this->weight, $this->filter, $this->shares, $this->priced, true);
    }

    /** In words that sort the same on every machine; of filters those that shops nearby have come first. */
    public function code(Design $design): string
    {
        return implode('|', [
            $design->shape->id(), http_build_query($design->options), $design->fan->id, $design->prefilter->id ?? '',
            "{$design->filter->shopRank()} {$design->filter->id}", $design->corners->value, $design->joining->id, $this->operation->units, $this->operation->speed,
        ]);
    }
}
