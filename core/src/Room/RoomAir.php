<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\Formula;

/**
 * The air of one well-mixed room, each size bin by itself: dC/dt = a Cout + S/V - K C, with a the inflow and
 * K = outdoor air + deposition + mixing x clean air, both over the volume. Exact for constant inputs.
 */
final readonly class RoomAir
{
    /** Particles settling by themselves, 1/h: the finest from PTEAM, 1996 (from memory), the others assumed. */
    public const DEPOSITION = [0.39, 0.8, 4.0];

    /**
     * @param  PerBin  $losses  K of each bin, 1/s
     * @param  PerBin  $inflow  a of each bin, 1/s
     * @param  float  $volume  m3
     */
    private function __construct(public PerBin $losses, public PerBin $inflow, public float $volume)
    {
    }

    /** @param  PerBin  $cleanAir of all units, m3/s */
    public static function of(Space $room, PerBin $cleanAir): self
    {
        $volume = $room->volume();
        $air = $room->ventilation();
        $losses = $room->deposition()->scaled(1.0 / 3600.0)
            ->plus(PerBin::same($air->outdoor($volume) / $volume))
            ->plus($air->recirculatedClean()->scaled(1.0 / $volume))
            ->plus($cleanAir->scaled($room->mixing() / $volume));

        return new self($losses, $air->inflow($volume)->scaled(1.0 / $volume), $volume);
    }

    /**
     * Concentration that it comes to in the end.
     *
     * @param  PerBin  $outdoor  ug/m3
     * @param  PerBin  $source  ug/s
     * @return PerBin ug/m3
     */
    public function steady(PerBin $outdoor, PerBin $source): PerBin
    {
        $gain = $this->gain($outdoor, $source);

        return new PerBin(self::over($gain->e1, $this->losses->e1), self::over($gain->e2, $this->losses->e2), self::over($gain->e3, $this->losses->e3));
    }

    /**
     * Concentration after a time with constant inputs: exact, also where nothing is lost.
     *
     * @param  PerBin  $now  ug/m3
     * @param  PerBin  $outdoor  ug/m3
     * @param  PerBin  $source  ug/s
     * @param  float  $time  s
     * @return PerBin ug/m3
     */
    public function after(PerBin $now, PerBin $outdoor, PerBin $source, float $time): PerBin
    {
        $step = RoomStep::of($this, $time);

        return $now->times($step->kept)->plus($outdoor->times($step->fromOutdoors))->plus($source->times($step->fromSource));
    }

    /**
     * Mean concentration over a time with constant inputs.
     *
     * @param  PerBin  $now  ug/m3
     * @param  PerBin  $outdoor  ug/m3
     * @param  PerBin  $source  ug/s
     * @param  float  $time  s, above 0
     * @return PerBin ug/m3
     */
    public function mean(PerBin $now, PerBin $outdoor, PerBin $source, float $time): PerBin
    {
        $step = RoomStep::of($this, $time);

        return $now->times($step->meanKept)->plus($outdoor->times($step->meanFromOutdoors))->plus($source->times($step->meanFromSource));
    }

    /** What is left of a pollutant after so many seconds where nothing comes in, in its bins one after the other. */
    public function left(Pollutant $pollutant, float $time): Formula
    {
        return $this->overBins($pollutant, 'sum over bins of w exp(-K t), with t in hours', fn (float $weight, float $losses): string => sprintf(
            '%.4g × exp(-%.5g × %.5g / 60)', $weight, $losses, $time / 60.0,
        ));
    }

    /**
     * What it comes to in the end.
     *
     * @param  float  $outdoor  ug/m3
     * @param  float  $source  ug/s
     */
    public function held(Pollutant $pollutant, float $outdoor, float $source): Formula
    {
        $made = $source <= 0.0 ? '' : sprintf(' + %.5g', 3600.0 * $source / $this->volume);

        return $this->overBins($pollutant, 'sum over bins of w (a Cout'.($made === '' ? '' : ' + S / V').') / K, hourly', fn (float $weight, float $losses, float $inflow): string => sprintf(
            '%.4g × (%.5g × %.5g%s) / %.5g', $weight, $inflow, $outdoor, $made, $losses,
        ));
    }

    /** @param  callable(float, float, float): string  $term  of a bin: weight, losses and inflow, 1/h */
    private function overBins(Pollutant $pollutant, string $letters, callable $term): Formula
    {
        $terms = [];
        foreach (Bin::cases() as $bin) {
            if ($pollutant->weights->in($bin) > 0.0) {
                $terms[] = $term($pollutant->weights->in($bin), 3600.0 * $this->losses->in($bin), 3600.0 * $this->inflow->in($bin));
            }
        }

        return new Formula($letters, implode(' + ', $terms));
    }

    /** A pollutant's concentration split over the bins by its weights. */
    public static function split(Pollutant $pollutant, float $concentration): PerBin
    {
        return $pollutant->weights->scaled($concentration);
    }

    private function gain(PerBin $outdoor, PerBin $source): PerBin
    {
        return $this->inflow->times($outdoor)->plus($source->scaled(1.0 / $this->volume));
    }

    private static function over(float $gain, float $loss): float
    {
        return $gain === 0.0 ? 0.0 : ($loss > 0.0 ? $gain / $loss : INF);
    }
}
