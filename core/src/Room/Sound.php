<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

/** Levels of sound. */
final class Sound
{
    /**
     * Several sources heard at once, by energy: 10 log10(sum 10^(L/10)).
     *
     * @param  non-empty-list<float>  $levels  dBA
     * @return float dBA
     */
    public static function together(array $levels): float
    {
        return 10.0 * log10(array_sum(array_map(fn (float $level): float => 10.0 ** ($level / 10.0), $levels)));
    }
}
