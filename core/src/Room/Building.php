<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;

/**
 * Several rooms through time, with constant flows in each interval: solved exactly, interval by interval. Propagators are
 * kept for every distinct state of flow and length of interval.
 */
final class Building
{
    /** @var array<string, array{e1: Propagator, e2: Propagator, e3: Propagator}> */
    private array $propagators = [];

    /** How many propagators were made so far. */
    public function made(): int
    {
        return count($this->propagators) * count(Bin::cases());
    }

    /**
     * Concentrations at the end of each interval.
     *
     * @param  list<PerBin>  $start  of each room, ug/m3
     * @param  iterable<array{float, AirState, PerBin, list<PerBin>}>  $intervals  s, state, outdoors ug/m3, source of each room ug/s
     * @param  float  $penetration  of the shell, 0 to 1
     * @return iterable<list<PerBin>> ug/m3
     */
    public function run(array $start, iterable $intervals, float $penetration = Ventilation::PENETRATION): iterable
    {
        $now = [];
        foreach (Bin::cases() as $bin) {
            $now[$bin->value] = array_map(fn (PerBin $room): float => $room->in($bin), $start);
        }
        foreach ($intervals as [$time, $state, $outdoor, $sources]) {
            $propagators = $this->propagators($state, $time);
            foreach (Bin::cases() as $bin) {
                $gain = [];
                foreach ($state->zones as $i => $zone) {
                    $gain[] = ($state->in[$i] * $penetration * $outdoor->in($bin) + $sources[$i]->in($bin)) / $zone->volume;
                }
                $now[$bin->value] = $propagators[$bin->value]->step($now[$bin->value], $gain);
            }
            yield array_map(fn (float $e1, float $e2, float $e3): PerBin => new PerBin($e1, $e2, $e3), $now['e1'], $now['e2'], $now['e3']);
        }
    }

    /** @return array{e1: Propagator, e2: Propagator, e3: Propagator} */
    private function propagators(AirState $state, float $time): array
    {
        return $this->propagators[$state->key.' '.$time] ??= [
            'e1' => Propagator::of($state->matrix(Bin::E1), $time),
            'e2' => Propagator::of($state->matrix(Bin::E2), $time),
            'e3' => Propagator::of($state->matrix(Bin::E3), $time),
        ];
    }
}
