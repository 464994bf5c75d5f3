<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\PackPrices;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Material;
use Jornel\Core\Quantity\Money;

/** Prices of pieces, each worked out once; in whole hundredths of money, because a search adds up millions of them. */
final class PriceBook
{
    /** @var array<string, array<int, int>> by the first filter of a geometry and pieces */
    private array $cheapest = [];

    /** @var array<string, array<int, int>> what must be bought at least, by part and pieces */
    private array $least = [];

    /** @var array<array-key, int> by watts */
    private array $energy = [];

    public function __construct(private readonly Stock $stock, private readonly Economy $economy, private readonly PackPrices $packs = new PackPrices)
    {
    }

    /** The cheapest whole packs, nothing from stock. */
    public function refill(Fan|Filter|Material $part, int $pieces): int
    {
        return $this->packs->of($part, $pieces);
    }

    /** What must be bought of so many pieces, as if no other line took from the same stock: the least it can be. */
    public function atLeast(Fan|Filter|Material $part, int $pieces): int
    {
        return $this->least[$part->id][$pieces] ??= $this->packs->of($part, $this->stock->missing($part->id, $pieces));
    }

    /**
     * The same of several lines.
     *
     * @param  list<array{Material, int}>  $lines  part, pieces
     */
    public function eachAlone(array $lines): int
    {
        $sum = 0;
        foreach ($lines as [$part, $pieces]) {
            $sum += $this->atLeast($part, $pieces);
        }

        return $sum;
    }

    /**
     * The least that some of a geometry's filters cost to begin with.
     *
     * @param  non-empty-list<Filter>  $filters  the same wherever the first is the same
     */
    public function cheapest(array $filters, int $pieces): int
    {
        return $this->cheapest[$filters[0]->id][$pieces] ??= min(array_map(fn (Filter $filter): int => $this->atLeast($filter, $pieces), $filters));
    }

    /**
     * What must be bought for several lines, each taking from what the lines before it left in stock.
     *
     * @param  list<array{Fan|Filter|Material, int}>  $lines  part, pieces
     */
    public function kit(array $lines): int
    {
        $sum = 0;
        $taken = [];
        foreach ($lines as [$part, $pieces]) {
            $there = max(0, $this->stock->pieces($part->id) - ($taken[$part->id] ?? 0));
            $taken[$part->id] = ($taken[$part->id] ?? 0) + min($there, $pieces);
            $sum += $this->refill($part, max(0, $pieces - $there));
        }

        return $sum;
    }

    /**
     * Pieces that are not in stock.
     *
     * @param  list<array{Fan|Filter, int}>  $lines  part, pieces
     */
    public function missing(array $lines): int
    {
        $needed = [];
        foreach ($lines as [$part, $pieces]) {
            $needed[$part->id] = ($needed[$part->id] ?? 0) + $pieces;
        }
        $missing = 0;
        foreach ($needed as $id => $pieces) {
            $missing += $this->stock->missing((string) $id, $pieces);
        }

        return $missing;
    }

    /** Energy over the years that are compared. */
    public function energy(float $watts): int
    {
        return $this->energy[(string) $watts] ??= RunningCost::from(Money::none(), Money::none(), $watts, $this->economy)->total->hundredths;
    }

    /**
     * Filters and energy over the years that are compared.
     *
     * @param  int  $change  of all filters, hundredths of money
     * @param  float  $changes  not rounded
     */
    public static function running(int $change, float $changes, int $energy): int
    {
        return (int) round($change * $changes) + $energy;
    }
}
