<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\UnitOfMeasure;

/** What a kit costs over the years, its units at the speed they will run at, and for the clean air that they give. */
final readonly class KitCost
{
    /**
     * @param  PerBin  $clean  air of all units, m3/s
     * @param  array<string, float>  $changes  of each filter within the span, by id
     */
    private function __construct(public RunningCost $cost, private PerBin $clean, public array $changes)
    {
    }

    public static function of(Kit $kit, Economy $economy, ?Air $air = null): self
    {
        $watts = 0.0;
        $clean = PerBin::each(fn (): float => 0.0);
        [$pieces, $changed] = [[], []];
        foreach ($kit->orders as $order) {
            $design = $order->design;
            $performance = self::running($design->speed, Performance::ofAllSpeeds($design, $order->assembly, $air ?? Air::reference()));
            $watts += $order->units * (is_nan($performance->watts) ? 0.0 : $performance->watts);
            $clean = $clean->plus($performance->cleanAir->scaled((float) $order->units));
            $changes = FilterLife::inSmoke()->changes($performance->cleanAir, $design, $economy);
            foreach ([$design->filter, $design->prefilter] as $filter) {
                if ($filter !== null) {
                    $pieces[$filter->id] = ($pieces[$filter->id] ?? 0) + $order->filters();
                    $changed[$filter->id] = ($changed[$filter->id] ?? 0.0) + $order->filters() * $changes;
                }
            }
        }
        // Filters that several builds share are changed as often as they are on the average.
        $each = array_map(fn (float $sum, int $count): float => $sum / $count, $changed, $pieces);
        $each = array_combine(array_map(strval(...), array_keys($changed)), $each);

        return new self(RunningCost::of($kit->list, $watts, $economy, self::together($kit->list, $each, $economy)), $clean, $each);
    }

    /**
     * At the speed that is named, or at the top speed.
     *
     * @param  non-empty-list<Performance>  $performances
     */
    private static function running(?string $speed, array $performances): Performance
    {
        foreach ($performances as $performance) {
            if ($performance->speed->name === $speed) {
                return $performance;
            }
        }

        return $performances[count($performances) - 1];
    }

    /**
     * Changes of all filters together, each by its price.
     *
     * @param  array<string, float>  $changes  by id of the filter
     */
    private static function together(ShoppingList $list, array $changes, Economy $economy): float
    {
        $sum = $price = 0.0;
        foreach ($list->lines as $line) {
            if ($line->kind->isChanged()) {
                $price += $line->allBought()->price->hundredths;
                $sum += $line->allBought()->price->hundredths * ($changes[$line->part] ?? 0.0);
            }
        }

        return $price > 0.0 ? $sum / $price : (float) $economy->changes;
    }

    /** @return float|null money over the years for a m3/s of clean air; null where there is none */
    public function perCleanAir(Pollutant $pollutant): ?float
    {
        return $this->cost->perCleanAir($pollutant->weigh($this->clean));
    }

    /** The same for a cubic foot a minute or a cubic metre an hour, without the currency; empty where there is no clean air. */
    public function perCleanAirTold(Pollutant $pollutant): Sentence
    {
        $per = fn (UnitOfMeasure $unit): Sentence => Sentence::plain(sprintf('%.2f per %s', $unit->toSi(1.0) * $this->perCleanAir($pollutant), $unit->symbol()));

        return $this->perCleanAir($pollutant) === null ? Sentence::plain('') : Sentence::either($per(UnitOfMeasure::CubicMetrePerHour), $per(UnitOfMeasure::CubicFootPerMinute));
    }
}
