<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/**
 * The Pareto front: builds that no other build dominates. A build that dominates an entry takes its place. Entries of another
 * process are known by their measures alone.
 *
 * Entries with the same share of the goal stand in blocks of a few, each with the least of every measure in it: a block whose
 * least is no better than a build holds none that beats it (bounding boxes, common practice).
 */
final class ParetoFront
{
    /** Entries in a block. */
    private const BLOCK = 8;

    /** @var array<int, int> over the years, hundredths of money, by steps */
    private array $costs = [];

    /** @var array<int, Found|null> by steps; null where another has the build */
    private array $found = [];

    /** @var array<int, array<int, int>> steps of the entries of each block, by steps */
    private array $blocks = [];

    /** @var array<int, int> steps that no entry of a block is better than in any measure */
    private array $least = [];

    /** @var array<int, int> block of each entry, by steps */
    private array $blockOf = [];

    /** @var array<int, int> block that is not full, by steps of the share of the goal */
    private array $open = [];

    /** What beat the last one that was asked about: it beats most. */
    private ?int $last = null;

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
        if ($this->last !== null && $this->last !== $steps && MeasureSteps::isNoWorse($this->last, $steps)) {
            return true;
        }
        foreach (MeasureSteps::noWorse($this->least, $steps) as $block) {
            $better = MeasureSteps::firstBetter($this->blocks[$block], $steps);
            if ($better !== null) {
                // What beats one build beats its neighbours: the next search begins with it.
                $this->last = $better;

                return true;
            }
        }
        if (! isset($this->costs[$steps]) || $this->costs[$steps] >= $cost) {
            return false;
        }
        $this->last = $steps;

        return true;
    }

    /** Whether what was just beaten would be beaten with any share of the goal. */
    public function beatsAtAnyShare(): bool
    {
        return MeasureSteps::isMostShare($this->last ?? 0);
    }

    public function add(Found $found): void
    {
        [$steps, $cost] = [MeasureSteps::of($found->measures, $found->share), $found->measures->totalCost()];
        if ($this->beats($steps, $cost) || ($this->found[$steps] ?? null)?->comesBefore($found) === true) {
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
        if (! $this->beats($steps, $cost) && ($this->costs[$steps] ?? PHP_INT_MAX) > $cost) {
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
        foreach ($this->costs as $own => $ownCost) {
            if (MeasureSteps::isNoWorse($steps, $own)) {
                $this->drop($own);
            }
        }
        [$this->costs[$steps], $this->found[$steps]] = [$cost, $found];
        $share = MeasureSteps::lackOf($steps);
        $block = $this->open[$share] ?? null;
        if ($block === null || count($this->blocks[$block] ?? []) >= self::BLOCK) {
            $this->open[$share] = $block = $this->least === [] ? 0 : (int) array_key_last($this->least) + 1;
        }
        $this->blocks[$block][$steps] = $steps;
        $this->blockOf[$steps] = $block;
        $this->least[$block] = isset($this->least[$block]) ? MeasureSteps::least($this->least[$block], $steps) : $steps;
    }

    /** Takes one out; what is least in its block still is no better than what is left. */
    private function drop(int $steps): void
    {
        unset($this->blocks[$this->blockOf[$steps]][$steps], $this->blockOf[$steps], $this->costs[$steps], $this->found[$steps]);
        if ($this->last === $steps) {
            $this->last = null;
        }
    }
}
