<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;

/**
 * The air of one well-mixed room, each size bin by itself: dC/dt = a Cout + S/V - K C, with a the inflow and
 * K = outdoor air + deposition + mixing x clean air, both over the volume. Exact for constant inputs.
 */
final readonly class RoomAir
{
    /** Particles settling by themselves, 1/h: the finest from PTEAM, 1996 (from memory), the others assumed. */
    public const DEPOSITION = [0.39, 0.8, 4.0];

    /**
     * @param  BinShares  $losses  K of each bin, 1/s
     * @param  BinShares  $inflow  a of each bin, 1/s
     * @param  float  $volume  m3
     */
    private function __construct(public BinShares $losses, public BinShares $inflow, public float $volume)
    {
    }

    /** @param  BinShares  $cleanAir of all units, m3/s */
    public static function of(Space $room, BinShares $cleanAir): self
    {
        $volume = $room->volume();
        $air = $room->ventilation();
        $losses = $room->deposition()->scaled(1.0 / 3600.0)
            ->plus(BinShares::same($air->outdoor($volume) / $volume))
            ->plus($air->recirculatedClean()->scaled(1.0 / $volume))
            ->plus($cleanAir->scaled($room->mixing() / $volume));

        return new self($losses, $air->inflow($volume)->scaled(1.0 / $volume), $volume);
    }

    /**
     * Concentration that it comes to in the end.
     *
     * @param  BinShares  $outdoor  ug/m3
     * @param  BinShares  $source  ug/s
     * @return BinShares ug/m3
     */
    public function steady(BinShares $outdoor, BinShares $source): BinShares
    {
        $gain = $this->gain($outdoor, $source);

        return new BinShares(self::over($gain->e1, $this->losses->e1), self::over($gain->e2, $this->losses->e2), self::over($gain->e3, $this->losses->e3));
    }

    /**
     * Concentration after a time with constant inputs: exact, also where nothing is lost.
     *
     * @param  BinShares  $now  ug/m3
     * @param  BinShares  $outdoor  ug/m3
     * @param  BinShares  $source  ug/s
     * @param  float  $time  s
     * @return BinShares ug/m3
     */
    public function after(BinShares $now, BinShares $outdoor, BinShares $source, float $time): BinShares
    {
        $step = RoomStep::of($this, $time);

        return $now->times($step->kept)->plus($outdoor->times($step->fromOutdoors))->plus($source->times($step->fromSource));
    }

    /**
     * Mean concentration over a time with constant inputs.
     *
     * @param  BinShares  $now  ug/m3
     * @param  BinShares  $outdoor  ug/m3
     * @param  BinShares  $source  ug/s
     * @param  float  $time  s, above 0
     * @return BinShares ug/m3
     */
    public function mean(BinShares $now, BinShares $outdoor, BinShares $source, float $time): BinShares
    {
        $step = RoomStep::of($this, $time);

        return $now->times($step->meanKept)->plus($outdoor->times($step->meanFromOutdoors))->plus($source->times($step->meanFromSource));
    }

    /** A pollutant's concentration split over the bins by its weights. */
    public static function split(Pollutant $pollutant, float $concentration): BinShares
    {
        return $pollutant->weights->scaled($concentration);
    }

    private function gain(BinShares $outdoor, BinShares $source): BinShares
    {
        return $this->inflow->times($outdoor)->plus($source->scaled(1.0 / $this->volume));
    }

    private static function over(float $gain, float $loss): float
    {
        return $gain === 0.0 ? 0.0 : ($loss > 0.0 ? $gain / $loss : INF);
    }
}
