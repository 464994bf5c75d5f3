<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** The best build at each thing, the cheaper of equal ones. */
final class Bests
{
    /** @var array<string, Found> by what it is best at */
    private array $best = [];

    /** @var array<string, float> */
    private array $keys = [];

    /** @param  Limit|null  $nearTo  a limit that they need not keep: one comes the nearest to it */
    public function __construct(private readonly ?Limit $nearTo = null)
    {
    }

    /** Whether a build with such measures, at best, could take a place. */
    public function mightTake(Measures $atBest): bool
    {
        $cost = $atBest->totalCost();
        foreach (self::keys($atBest, $this->nearTo) as $name => $key) {
            if (! isset($this->keys[$name]) || $key < $this->keys[$name] || ($key === $this->keys[$name] && $cost <= $this->best[$name]->measures->totalCost())) {
                return true;
            }
        }

        return false;
    }

    public function offer(Found $found): void
    {
        foreach (self::keys($found->measures, $this->nearTo) as $name => $key) {
            if (! isset($this->keys[$name]) || $key < $this->keys[$name] || ($key === $this->keys[$name] && $found->comesBefore($this->best[$name]))) {
                $this->keys[$name] = $key;
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
        // Written out: it is asked of every candidate.
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
