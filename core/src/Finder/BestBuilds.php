<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** The best build by each measure; of equal ones the cheaper. */
final class BestBuilds
{
    /** @var array<string, Found> by what it is best at */
    private array $best = [];

    /** @var array<string, float> */
    private array $keys = [];

    /** @var array<string, int> over the years, hundredths of money */
    private array $costs = [];

    /** @param  Limit|null  $nearTo  a limit that they need not keep: one comes the nearest to it */
    public function __construct(private readonly ?Limit $nearTo = null)
    {
    }

    /** Whether a build with such measures, at best, could take a place. */
    public function mightTake(Measures $atBest): bool
    {
        // Written out: it is asked of every candidate.
        [$keys, $costs] = [$this->keys, $this->costs];
        if ($keys === []) {
            return true;
        }
        $cost = $atBest->firstCost + $atBest->running;

        return $cost <= $keys['cheapest']
            || $atBest->firstCost < $keys['least-to-buy'] || ($cost <= $costs['least-to-buy'] && (float) $atBest->firstCost === $keys['least-to-buy'])
            || $atBest->level < $keys['quietest'] || ($cost <= $costs['quietest'] && $atBest->level === $keys['quietest'])
            || $atBest->footprint < $keys['smallest'] || ($cost <= $costs['smallest'] && $atBest->footprint === $keys['smallest'])
            || $atBest->running < $keys['least-to-run'] || ($cost <= $costs['least-to-run'] && (float) $atBest->running === $keys['least-to-run'])
            || $atBest->power < $keys['least-power'] || ($cost <= $costs['least-power'] && $atBest->power === $keys['least-power'])
            || $atBest->minutes < $keys['quickest-to-build'] || ($cost <= $costs['quickest-to-build'] && $atBest->minutes === $keys['quickest-to-build'])
            || ($this->nearTo !== null && (($key = $atBest->of($this->nearTo)) < $keys['nearest'] || ($cost <= $costs['nearest'] && $key === $keys['nearest'])));
    }

    public function offer(Found $found): void
    {
        foreach (self::keys($found->measures, $this->nearTo) as $name => $key) {
            if (! isset($this->keys[$name]) || $key < $this->keys[$name] || ($key === $this->keys[$name] && $found->comesBefore($this->best[$name]))) {
                $this->keys[$name] = $key;
                $this->costs[$name] = $found->measures->totalCost();
                $this->best[$name] = $found;
            }
        }
    }

    public function offerAll(self $others): void
    {
        foreach ($others->best as $found) {
            $this->offer($found);
        }
    }

    public function at(Pick $pick): ?Found
    {
        return $this->best[$pick->value] ?? null;
    }

    /** The one that asks for the least of what is limited. */
    public function nearest(): ?Found
    {
        return $this->best['nearest'] ?? null;
    }

    /** @return array<string, float> the less the better */
    private static function keys(Measures $measures, ?Limit $nearTo): array
    {
        $keys = [
            Pick::Cheapest->value => (float) ($measures->firstCost + $measures->running),
            Pick::LeastToBuy->value => (float) $measures->firstCost,
            Pick::Quietest->value => $measures->level,
            Pick::Smallest->value => $measures->footprint,
            Pick::LeastToRun->value => (float) $measures->running,
            Pick::LeastPower->value => $measures->power,
            Pick::QuickestToBuild->value => $measures->minutes,
        ];

        return $nearTo === null ? $keys : $keys + ['nearest' => $measures->of($nearTo)];
    }
}
