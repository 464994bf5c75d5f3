<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\BinShares;

/** The answer of one room's air to inputs that change from interval to interval: exact for each of them. */
final readonly class Series
{
    /**
     * @param  list<BinShares>  $ends  concentration at the end of each interval, ug/m3
     * @param  list<BinShares>  $means  over each interval, ug/m3
     */
    private function __construct(public array $ends, public array $means)
    {
    }

    /**
     * @param  BinShares  $start  ug/m3
     * @param  iterable<array{float, RoomAir, BinShares, BinShares}>  $intervals  s, air, outdoors ug/m3, source ug/s
     */
    public static function of(BinShares $start, iterable $intervals): self
    {
        $ends = $means = [];
        $now = $start;
        foreach ($intervals as [$time, $air, $outdoor, $source]) {
            $means[] = $air->mean($now, $outdoor, $source, $time);
            $ends[] = $now = $air->after($now, $outdoor, $source, $time);
        }

        return new self($ends, $means);
    }
}
