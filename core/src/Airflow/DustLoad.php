<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Pollutant;

/**
 * Dust that a unit's filters gather in running, and what is left of its output: the integral of filtered flow x mass
 * efficiency x concentration, with flow and efficiency as they are at each load.
 *
 * Method: classical Runge-Kutta of the fourth order over equal steps.
 */
final readonly class DustLoad
{
    private const STEPS = 24;

    /** Micrograms in a kilogram. */
    private const MICROGRAMS = 1e9;

    /**
     * @param  int  $speed  which of the unit's speeds
     * @param  list<list<float>>  $mass  in each layer of one face of each bank, kg
     */
    private function __construct(private Unit $clean, private int $speed, private Pollutant $pollutant, public array $mass)
    {
    }

    /** Clean filters. */
    public static function none(Unit $clean, int $speed, Pollutant $pollutant): self
    {
        return new self($clean, $speed, $pollutant, array_map(fn (FaceBank $bank): array => array_fill(0, count($bank->layers), 0.0), $clean->box->banks));
    }

    /**
     * So much dust in all, shared out as the faces share the flow when clean.
     *
     * @param  float  $mass  kg
     */
    public static function of(Unit $clean, int $speed, Pollutant $pollutant, float $mass): self
    {
        $rates = self::none($clean, $speed, $pollutant)->rates(1.0);
        $all = 0.0;
        foreach ($clean->box->banks as $number => $bank) {
            $all += count($bank->ids) * array_sum($rates[$number]);
        }

        return new self($clean, $speed, $pollutant, array_map(fn (array $bank): array => array_map(fn (float $rate): float => $rate / $all * $mass, $bank), $rates));
    }

    /**
     * After running in air of a constant concentration.
     *
     * @param  float  $concentration  ug/m3 of the pollutant, zero or more
     * @param  float  $time  s
     */
    public function after(float $concentration, float $time): self
    {
        $step = $time / self::STEPS;
        $now = $this;
        for ($i = 0; $i < self::STEPS; $i++) {
            $k1 = $now->rates($concentration);
            $k2 = $now->plus($k1, $step / 2.0)->rates($concentration);
            $k3 = $now->plus($k2, $step / 2.0)->rates($concentration);
            $k4 = $now->plus($k3, $step)->rates($concentration);
            $now = $now->plus($k1, $step / 6.0)->plus($k2, $step / 3.0)->plus($k3, $step / 3.0)->plus($k4, $step / 6.0);
        }

        return $now;
    }

    /** Dust in all filters together, kg. */
    public function total(): float
    {
        $total = 0.0;
        foreach ($this->clean->box->banks as $number => $bank) {
            $total += count($bank->ids) * array_sum($this->mass[$number]);
        }

        return $total;
    }

    /** The unit as it is with this dust in it. */
    public function unit(): Unit
    {
        return $this->clean->loaded($this->shares());
    }

    public function performance(): Performance
    {
        $unit = $this->unit();

        return Performance::of($unit, $unit->speeds[$this->speed]);
    }

    /**
     * Mass caught a second by each layer of one face.
     *
     * @return list<list<float>> kg/s
     */
    private function rates(float $concentration): array
    {
        $unit = $this->unit();
        $pressure = Balance::of($unit->curve($unit->speeds[$this->speed]), $unit->box)->pressure;

        return array_map(function (FaceBank $bank) use ($pressure, $concentration): array {
            $flow = $bank->flow($pressure);

            return array_map(fn ($caught): float => $flow * $this->pollutant->weigh($caught) * $concentration / self::MICROGRAMS, $bank->caughtByLayer($flow));
        }, $unit->box->banks);
    }

    /** @param  list<list<float>>  $rates  kg/s */
    private function plus(array $rates, float $time): self
    {
        return new self($this->clean, $this->speed, $this->pollutant, array_map(
            fn (array $bank, array $own): array => array_map(fn (float $mass, float $rate): float => $mass + $rate * $time, $bank, $own),
            $this->mass, $rates,
        ));
    }

    /** @return list<list<float>> of each layer's capacity for this dust */
    private function shares(): array
    {
        $shares = [];
        foreach ($this->clean->box->banks as $number => $bank) {
            $own = [];
            foreach ($bank->layers as $layer => $media) {
                $own[] = $media->loading === null ? 0.0 : $this->mass[$number][$layer] / ($media->loading->capacity * $this->pollutant->capacityFactor);
            }
            $shares[] = $own;
        }

        return $shares;
    }
}
