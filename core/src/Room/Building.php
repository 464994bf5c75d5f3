<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\BinShares;

/**
 * Several rooms through time, with constant flows in each interval: solved exactly, interval by interval. Propagators are
 * kept for every distinct state of flow and length of interval.
 */
final class Building
{
    private const BINS = ['e1', 'e2', 'e3'];

    /** @var array<string, array{e1: Propagator, e2: Propagator, e3: Propagator}> */
    private array $propagators = [];

    /** How many propagators were made so far. */
    public function made(): int
    {
        return count($this->propagators) * count(self::BINS);
    }

    /**
     * Concentrations at the end of each interval.
     *
     * @param  list<BinShares>  $start  of each room, ug/m3
     * @param  iterable<array{float, AirState, BinShares, list<BinShares>}>  $intervals  s, state, outdoors ug/m3, source of each room ug/s
     * @param  float  $penetration  of the shell, 0 to 1
     * @return iterable<list<BinShares>> ug/m3
     */
    public function run(array $start, iterable $intervals, float $penetration = Ventilation::PENETRATION): iterable
    {
        $now = array_map(fn (string $bin): array => array_map(fn (BinShares $room): float => $room->{$bin}, $start), array_combine(self::BINS, self::BINS));
        foreach ($intervals as [$time, $state, $outdoor, $sources]) {
            $propagators = $this->propagators($state, $time);
            foreach (self::BINS as $bin) {
                $gain = [];
                foreach ($state->zones as $i => $zone) {
                    $gain[] = ($state->in[$i] * $penetration * $outdoor->{$bin} + $sources[$i]->{$bin}) / $zone->volume;
                }
                $now[$bin] = $propagators[$bin]->step($now[$bin], $gain);
            }
            yield array_map(fn (float $e1, float $e2, float $e3): BinShares => new BinShares($e1, $e2, $e3), $now['e1'], $now['e2'], $now['e3']);
        }
    }

    /** @return array{e1: Propagator, e2: Propagator, e3: Propagator} */
    private function propagators(AirState $state, float $time): array
    {
        return $this->propagators[$state->key.' '.$time] ??= [
            'e1' => Propagator::of($state->matrix('e1'), $time),
            'e2' => Propagator::of($state->matrix('e2'), $time),
            'e3' => Propagator::of($state->matrix('e3'), $time),
        ];
    }
}
