<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Level;

/**
 * Weighting of frequencies as the ear hears soft sounds.
 *
 * Source: IEC 61672-1, annex E: four poles pairwise at 20.60, 107.7, 737.9 and 12194 Hz, 0 dB at 1000 Hz.
 */
final class AWeighting
{
    /** Poles, Hz. */
    public const POLES = [20.598997, 107.65265, 737.86223, 12194.217];

    /**
     * @param  float  $frequency  Hz, above 0
     * @return float dB
     */
    public static function at(float $frequency): float
    {
        return 20.0 * log10(self::response($frequency) / self::response(1000.0));
    }

    private static function response(float $frequency): float
    {
        $f2 = $frequency ** 2;
        [$a, $b, $c, $d] = array_map(fn (float $pole): float => $pole ** 2, self::POLES);

        return $d * $f2 ** 2 / (($f2 + $a) * sqrt(($f2 + $b) * ($f2 + $c)) * ($f2 + $d));
    }
}
