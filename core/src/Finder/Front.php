<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** Builds none of which beats another; what beats an entry takes its place. */
final class Front
{
    /** @var array<int, int> measures in steps, by place */
    private array $steps = [];

    /** @var array<int, Found> by place */
    private array $found = [];

    /**
     * Whether some build here beats whatever is no better than this: never said of one that would take a place.
     *
     * @param  int  $steps  at best
     * @param  int  $cost  over the years, at best, hundredths
     */
    public function beats(int $steps, int $cost): bool
    {
        $place = Steps::firstBetter($this->steps, $steps);
        if ($place === null) {
            $alike = array_search($steps, $this->steps, true);

            return $alike !== false && $this->found[$alike]->measures->totalCost() < $cost;
        }
        if ($place > 0) {
            // What beats one build beats its neighbours: the next search begins with it.
            [$this->steps[0], $this->steps[$place]] = [$this->steps[$place], $this->steps[0]];
            [$this->found[0], $this->found[$place]] = [$this->found[$place], $this->found[0]];
        }

        return true;
    }

    public function add(Found $found): void
    {
        $steps = Steps::of($found->measures, $found->share);
        if ($this->beats($steps, $found->measures->totalCost())) {
            return;
        }
        $alike = array_search($steps, $this->steps, true);
        if ($alike !== false && $this->found[$alike]->comesBefore($found)) {
            return;
        }
        foreach ($this->steps as $place => $own) {
            if (Steps::isNoWorse($steps, $own)) {
                unset($this->steps[$place], $this->found[$place]);
            }
        }
        $this->steps = [...array_values($this->steps), $steps];
        $this->found = [...array_values($this->found), $found];
    }

    /** @return list<Found> the cheapest first */
    public function all(): array
    {
        $all = array_values($this->found);
        usort($all, fn (Found $one, Found $other): int => $one->comesBefore($other) ? -1 : 1);

        return $all;
    }
}
