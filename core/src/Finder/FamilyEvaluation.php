<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\DesignFamily;
use Jornel\Core\Finder\Space\FamilyAirflow;
use Jornel\Core\Finder\Space\FamilyFigures;
use Jornel\Core\Finder\Space\Variants;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Filter;

/** A family of designs at some stock, tariff and seat: how it is run and heard, what it costs, what is missing for it. */
final class FamilyEvaluation
{
    public readonly DesignFamily $family;

    public readonly FamilyAirflow $airflow;

    private ?FamilyBound $atBest = null;

    /** @var list<non-empty-list<Operation>>|null */
    private ?array $run = null;

    /** @var array<string, PricedVariant> by number of units and voltage */
    private array $ideal = [];

    /** @var array<string, non-empty-list<PricedVariant>> by what it stands on, number of units and voltage */
    private array $priced = [];

    /** @var array<string, PricedVariant> by what it stands on, variant, filter, number of units and voltage */
    private array $exactly = [];

    /** @var array<int, array{float, int}> by number of units */
    private array $leastChange = [];

    /** @var array<string, array<int, array{int, int, int}>> by filter and number of units */
    private array $costs = [];

    /** @param  Limits  $limits  of which tools and skills alone matter here */
    public function __construct(
        public readonly FamilyFigures $figures,
        private readonly Limits $limits,
        private readonly Stock $stock,
        private readonly PriceBook $book,
        private readonly Operations $operations,
    ) {
        [$this->family, $this->airflow] = [$figures->family, $figures->airflow];
    }

    /** @return list<non-empty-list<Operation>> by speed, by number of units less one */
    public function operations(): array
    {
        return $this->run ??= $this->operations->of($this->figures->driven, $this->airflow->ideal);
    }

    /**
     * What it takes and sounds like as it works.
     *
     * @param  Measures  $made  with the figures of a fan in free air
     * @param  array{level: float, watts: float, works_harder: bool, ...}  $worked  of the balance of one unit
     */
    public function working(Operation $operation, Measures $made, array $worked): Measures
    {
        return $worked['works_harder'] ? $made->working($operation, $this->operations->operation($operation->speed, $operation->units, $worked['level'], $worked['watts'])) : $made;
    }

    public function atBest(): FamilyBound
    {
        return $this->atBest ??= new FamilyBound($this->figures, $this->limits, $this->stock, $this->book);
    }

    /**
     * The ways of making some units. None makes another needless: one that leaks less cleans more, so that its filters are
     * changed more often.
     *
     * @param  Variants  $variants  of the family, as it stands
     * @param  int  $speed  at which they run
     * @return non-empty-list<PricedVariant>
     */
    public function priced(Variants $variants, int $units, int $speed): array
    {
        return $this->priced["{$variants->stand} {$units} {$variants->voltage($speed)}"] ??= $this->pricedAt($variants, $units, $speed);
    }

    /** An imagined way of making some units that is in nothing worse than any: it takes what all of them take. */
    public function ideal(int $units, int $speed): PricedVariant
    {
        return $this->ideal["{$units} {$this->figures->variants->voltage($speed)}"] ??= new PricedVariant($this->figures->variants->ideal(), $units, $this->atBest()->hardware($units, $speed), ...$this->atBest()->missing());
    }

    /**
     * What some units cost and take that are made so.
     *
     * @param  float  $changes  of all filters over the years
     */
    public function made(Filter $filter, PricedVariant $priced, Operation $operation, float $changes): Measures
    {
        [$first, $change, $missing] = $this->costs[$filter->id][$operation->units] ??= $this->costs($filter, $operation->units);

        return new Measures(
            $first + $priced->extra, PriceBook::running($change, $changes, $operation->energy), $operation->level, $priced->footprint, $priced->variant->height, $operation->power,
            $priced->minutes, $priced->missingTools, $priced->missingSkills, $missing, $operation->steps | $priced->steps,
        );
    }

    /** One change of all filters of some units, hundredths of money. */
    public function change(Filter $filter, int $units): int
    {
        return ($this->costs[$filter->id][$units] ??= $this->costs($filter, $units))[1];
    }

    /**
     * One change of all filters of some units of any media, at least.
     *
     * @return array{float, int} hundredths of money for each kg of dust that the filters of one unit hold, infinite where that
     *                           is known of none; hundredths of money where it is not known, PHP_INT_MAX where it is known of all
     */
    public function leastChange(int $units): array
    {
        if (! isset($this->leastChange[$units])) {
            [$ofDust, $unknown] = [INF, PHP_INT_MAX];
            foreach ($this->family->media as $filter) {
                [$change, $capacity] = [$this->change($filter, $units), $this->figures->capacity($filter)];
                $capacity === null ? $unknown = min($unknown, $change) : $ofDust = min($ofDust, $change / $capacity);
            }
            $this->leastChange[$units] = [$ofDust, $unknown];
        }

        return $this->leastChange[$units];
    }

    /** The same way of making some units with the sheets that it takes of some media, instead of the least. */
    public function pricedExactly(Variants $variants, PricedVariant $priced, Filter $filter, int $units, int $speed): PricedVariant
    {
        return $this->exactly["{$variants->stand} {$priced->variant->code} {$filter->id} {$units} {$variants->voltage($speed)}"]
            ??= $priced->costing($this->book->eachAlone($variants->taken($priced->variant, $filter, $units, $speed)));
    }

    /** @return array{int, int, int} first cost, one change of filters, missing fans and filters */
    private function costs(Filter $filter, int $units): array
    {
        $design = $this->family->design;
        [$fans, $filters] = [$units * $this->figures->fans, $units * $this->figures->filters];
        $kit = [[$design->fan, $fans], [$filter, $filters]];
        $change = $this->book->refill($filter, $filters);
        if ($design->prefilter !== null) {
            $kit[] = [$design->prefilter, $filters];
            $change += $this->book->refill($design->prefilter, $filters);
        }

        return [$this->book->kit($kit), $change, $this->book->missing($kit)];
    }

    /** @return non-empty-list<PricedVariant> */
    private function pricedAt(Variants $variants, int $units, int $speed): array
    {
        $priced = [];
        $takes = $variants->takes($units, $speed);
        foreach ($variants->all() as $number => $variant) {
            $priced[] = new PricedVariant($variant, $units, $this->book->eachAlone($takes[$number]), count($this->limits->missingTools($variant->work)), count($this->limits->missingSkills($variant->work)));
        }

        return $priced;
    }
}
