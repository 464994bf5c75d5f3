<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Cut\CartonBlank;
use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Design;

/** A carton that something of the kit comes in, to be cut up. */
final readonly class CartonAtHand
{
    private const FAN = 'carton-fan-';

    private const FILTERS = 'carton-filters-';

    /** From so many filters on a pack comes in a carton of its own (assumed). */
    private const LEAST = 4;

    /** Filters in the largest pack. */
    private const MOST = 12;

    private function __construct(public string $id, public string $name, public CartonBlank $blank, public int $count)
    {
    }

    /**
     * Those of the fans first.
     *
     * @param  non-empty-list<KitOrder>  $orders
     * @return array<string, self> by id
     */
    public static function all(array $orders): array
    {
        $cartons = $filters = $needed = [];
        foreach ($orders as $order) {
            $fan = $order->design->fan;
            if ($fan->carton !== null && ! $order->assembly->usesFanCarton()) {
                $id = self::FAN.$fan->id;
                $cartons[$id] = new self($id, "Carton of {$fan->name}", new CartonBlank($fan->carton->width, $fan->carton->height, $fan->carton->depth), ($cartons[$id]->count ?? 0) + $order->fans());
            }
            foreach ([$order->design->filter, $order->design->prefilter] as $filter) {
                if ($filter !== null && $filter->isFramed()) {
                    $filters[$filter->id] = $filter;
                    $needed[$filter->id] = ($needed[$filter->id] ?? 0) + $order->filters();
                }
            }
        }
        foreach ($filters as $id => $filter) {
            $cartons += self::ofFilters($filter, $needed[$id]);
        }

        return $cartons;
    }

    /**
     * Cartons that some units may come with, whatever the packs that their filters are bought in.
     *
     * @return list<self>
     */
    public static function possible(Design $design, int $units): array
    {
        $fan = $design->fan;
        $filters = $design->shape->filterCount($design) * $units;
        $cartons = $fan->carton === null ? [] : [new self(self::FAN, '', new CartonBlank($fan->carton->width, $fan->carton->height, $fan->carton->depth), $design->shape->fanCount($design) * $units)];
        foreach ([$design->filter, $design->prefilter] as $filter) {
            if ($filter !== null && $filter->isFramed()) {
                $cartons[] = new self(self::FILTERS, '', new CartonBlank($filter->width, $filter->height, self::MOST * $filter->depth), $filters);
            }
        }

        return $cartons;
    }

    /** One of several alike. */
    public function alone(): self
    {
        return new self($this->id, $this->name, $this->blank, 1);
    }

    public static function isOfFan(string $id): bool
    {
        return str_starts_with($id, self::FAN);
    }

    /**
     * Of the packs that are bought: as wide and high as a filter, as deep as all of them (assumed).
     *
     * @return array<string, self>
     */
    private static function ofFilters(Filter $filter, int $needed): array
    {
        $cartons = [];
        foreach ($filter->packs === [] ? [] : PackMix::cheapest($filter->packs, $needed)->packs as ['pack' => $pack, 'times' => $times]) {
            if ($pack->count >= self::LEAST) {
                $id = self::FILTERS."{$filter->id}-{$pack->count}";
                $cartons[$id] = new self($id, "Carton of {$pack->count} filters {$filter->nominal}", new CartonBlank($filter->width, $filter->height, $pack->count * $filter->depth), $times);
            }
        }

        return $cartons;
    }
}
