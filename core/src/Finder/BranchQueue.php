<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** Branches by the lower bound of their cost, the cheapest first (best-first search): builds that dominate are found early. */
final class BranchQueue
{
    /** @var array<int, list<Branch>> by steps of cost */
    private array $branches = [];

    private int $cost = 0;

    private int $last = 0;

    /** @param  Branch  $branch  that costs no less than the one last taken */
    public function add(Branch $branch): void
    {
        $cost = intdiv($branch->atBest->firstCost + $branch->atBest->running, MeasureSteps::COST);
        if ($cost < $this->cost) {
            $cost = $this->cost;
        }
        if ($cost > $this->last) {
            $this->last = $cost;
        }
        $this->branches[$cost][] = $branch;
    }

    /** @param  int  $below  steps of cost: what costs as many or more is left for later */
    public function next(int $below): ?Branch
    {
        for (; $this->cost <= $this->last && $this->cost < $below; $this->cost++) {
            if (isset($this->branches[$this->cost]) && $this->branches[$this->cost] !== []) {
                return array_pop($this->branches[$this->cost]);
            }
            unset($this->branches[$this->cost]);
        }

        return null;
    }
}
