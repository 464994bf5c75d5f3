<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\UnitOfMeasure;

/** What a kit costs over the years, all its units on their highest speed, and for the clean air that they give. */
final readonly class KitCost
{
    /** @param  PerBin  $clean  air of all units, m3/s */
    private function __construct(public RunningCost $cost, private PerBin $clean)
    {
    }

    public static function of(Kit $kit, Economy $economy, ?Air $air = null): self
    {
        $watts = 0.0;
        $clean = PerBin::each(fn (): float => 0.0);
        foreach ($kit->orders as $order) {
            $performances = Performance::ofAllSpeeds($order->design, $order->assembly, $air ?? Air::reference());
            $top = $performances[count($performances) - 1];
            $watts += $order->units * (is_nan($top->watts) ? 0.0 : $top->watts);
            $clean = $clean->plus($top->cleanAir->scaled((float) $order->units));
        }

        return new self(RunningCost::of($kit->list, $watts, $economy), $clean);
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
