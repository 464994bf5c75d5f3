<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/**
 * The Pareto front: builds that no other build dominates. A build that dominates an entry takes its place. Entries of another
 * process are known by their measures alone.
 */
final class ParetoFront
{
    /** @var array<int, int> measures in steps, by place */
    private array $steps = [];

    /** @var array<int, int> over the years, hundredths of money, by place */
    private array $costs = [];

    /** @var array<int, Found|null> by place; null where another has the build */
    private array $found = [];

    /** @var list<array{int, int}> steps and costs of those put in since last asked */
    private array $news = [];

    /**
     * Whether some build here beats whatever is no better than this: never said of one that would take a place.
     *
     * @param  int  $steps  at best
     * @param  int  $cost  over the years, at best, hundredths
     */
    public function beats(int $steps, int $cost): bool
    {
        // The one that beat the last one asked about beats most.
        $first = $this->steps[0] ?? null;
        if ($first !== null && $first !== $steps && MeasureSteps::isNoWorse($first, $steps)) {
            return true;
        }
        $place = MeasureSteps::firstBetter($this->steps, $steps);
        if ($place === null) {
            $alike = array_search($steps, $this->steps, true);
            if ($alike === false || $this->costs[$alike] >= $cost) {
                return false;
            }
            $place = $alike;
        }
        if ($place > 0) {
            // What beats one build beats its neighbours: the next search begins with it.
            [$this->steps[0], $this->steps[$place]] = [$this->steps[$place], $this->steps[0]];
            [$this->costs[0], $this->costs[$place]] = [$this->costs[$place], $this->costs[0]];
            [$this->found[0], $this->found[$place]] = [$this->found[$place], $this->found[0]];
        }

        return true;
    }

    /** Whether what was just beaten would be beaten with any share of the goal. */
    public function beatsAtAnyShare(): bool
    {
        return MeasureSteps::isMostShare($this->steps[0] ?? 0);
    }

    public function add(Found $found): void
    {
        [$steps, $cost] = [MeasureSteps::of($found->measures, $found->share), $found->measures->totalCost()];
        $alike = array_search($steps, $this->steps, true);
        if ($this->beats($steps, $cost) || ($alike !== false && $this->found[$alike]?->comesBefore($found) === true)) {
            return;
        }
        $this->put($steps, $cost, $found);
        $this->news[] = [$steps, $cost];
    }

    /**
     * Takes in what another front has; of two that are alike and cost the same each keeps its own.
     *
     * @param  int  $cost  over the years, hundredths of money
     */
    public function learn(int $steps, int $cost): void
    {
        $alike = array_search($steps, $this->steps, true);
        if (! $this->beats($steps, $cost) && ($alike === false || $this->costs[$alike] > $cost)) {
            $this->put($steps, $cost, null);
        }
    }

    /** @return list<array{int, int}> steps and costs of what was added since this was last asked */
    public function news(): array
    {
        [$news, $this->news] = [$this->news, []];

        return $news;
    }

    /** @return list<Found> the cheapest first */
    public function all(): array
    {
        $all = array_values(array_filter($this->found));
        usort($all, fn (Found $one, Found $other): int => $one->comesBefore($other) ? -1 : 1);

        return $all;
    }

    private function put(int $steps, int $cost, ?Found $found): void
    {
        foreach ($this->steps as $place => $own) {
            if (MeasureSteps::isNoWorse($steps, $own)) {
                unset($this->steps[$place], $this->costs[$place], $this->found[$place]);
            }
        }
        $this->steps = [...array_values($this->steps), $steps];
        $this->costs = [...array_values($this->costs), $cost];
        $this->found = [...array_values($this->found), $found];
    }
}
