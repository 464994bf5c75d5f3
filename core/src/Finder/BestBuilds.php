<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** The best build by each measure; of equal ones the cheaper. */
final class BestBuilds
{
    /** In the order of the keys. */
    private const PICKS = [Pick::Cheapest, Pick::LeastToBuy, Pick::Quietest, Pick::Smallest, Pick::LeastToRun, Pick::LeastPower, Pick::QuickestToBuild];

    /** @var array<int, Found> by what it is best at, in the order of the keys */
    private array $best = [];

    /**
     * What each of them has and costs over the years, in hundredths of money; the nearest last, if there is one.
     *
     * @var list<array{float, int}>
     */
    private array $least = [];

    /** @param  Limit|null  $nearTo  a limit that they need not keep: one comes the nearest to it */
    public function __construct(private readonly ?Limit $nearTo = null)
    {
    }

    /** Whether a build with such measures, at best, could take a place. */
    public function mightTake(Measures $atBest): bool
    {
        // Written out: it is asked of every candidate.
        if ($this->least === []) {
            return true;
        }
        $cost = $atBest->firstCost + $atBest->running;
        [$cheapest, $toBuy, $quietest, $smallest, $toRun, $power, $quickest, $nearest] = $this->least;

        return $cost <= $cheapest[0]
            || $atBest->firstCost < $toBuy[0] || ($cost <= $toBuy[1] && (float) $atBest->firstCost === $toBuy[0])
            || $atBest->level < $quietest[0] || ($cost <= $quietest[1] && $atBest->level === $quietest[0])
            || $atBest->footprint < $smallest[0] || ($cost <= $smallest[1] && $atBest->footprint === $smallest[0])
            || $atBest->running < $toRun[0] || ($cost <= $toRun[1] && (float) $atBest->running === $toRun[0])
            || $atBest->power < $power[0] || ($cost <= $power[1] && $atBest->power === $power[0])
            || $atBest->minutes < $quickest[0] || ($cost <= $quickest[1] && $atBest->minutes === $quickest[0])
            || ($this->nearTo !== null && (($key = $atBest->of($this->nearTo)) < $nearest[0] || ($cost <= $nearest[1] && $key === $nearest[0])));
    }

    public function offer(Found $found): void
    {
        $isNew = $this->least === [];
        foreach (self::keys($found->measures, $this->nearTo) as $place => $key) {
            if ($isNew || $key < $this->least[$place][0] || ($key === $this->least[$place][0] && $found->comesBefore($this->best[$place]))) {
                $this->least[$place] = [$key, $found->measures->totalCost()];
                $this->best[$place] = $found;
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
        return $this->best[array_search($pick, self::PICKS, true)] ?? null;
    }

    /** @return array<Found> */
    public function all(): array
    {
        return $this->best;
    }

    /** The one that asks for the least of what is limited. */
    public function nearest(): ?Found
    {
        return $this->nearTo === null ? null : $this->best[count(self::PICKS)] ?? null;
    }

    /** @return non-empty-list<float> the less the better; in the order of the picks, how near it comes last */
    private static function keys(Measures $measures, ?Limit $nearTo): array
    {
        return [
            (float) ($measures->firstCost + $measures->running), (float) $measures->firstCost, $measures->level, $measures->footprint, (float) $measures->running,
            $measures->power, $measures->minutes, $nearTo === null ? 0.0 : $measures->of($nearTo),
        ];
    }
}
