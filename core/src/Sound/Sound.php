<?php

declare(strict_types=1);

namespace Jornel\Core\Sound;

/** Levels of sound, dBA. */
final class Sound
{
    /** Sound absorbed by the surfaces of a room (assumed). */
    public const ABSORPTION = 0.15;

    /** Directivity on the floor or against one wall (assumed). */
    public const ON_FLOOR = 2.0;

    /** Least difference to the background at which a level can be told, dB. */
    public const LEAST_DIFFERENCE = 3.0;

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

    /**
     * In the open, or in the direct field of a room: L - 20 log10(r / r0).
     *
     * @param  float  $level  dBA at r0
     * @param  float  $distance  r, m, above 0
     * @param  float  $at  r0, m, above 0
     * @return float dBA
     */
    public static function free(float $level, float $distance, float $at = 1.0): float
    {
        return $level - 20.0 * log10($distance / $at);
    }

    /**
     * Sound power from a level in the direct field: Lw = Lp + 10 log10(4 pi r2 / q).
     *
     * @param  float  $level  dBA
     * @param  float  $directivity  q: 1 in the open, 2 on the floor, 4 in an edge, 8 in a corner
     * @param  float  $at  r, m, above 0
     * @return float dB
     */
    public static function power(float $level, float $directivity = self::ON_FLOOR, float $at = 1.0): float
    {
        return $level + 10.0 * log10(4.0 * M_PI * $at ** 2 / $directivity);
    }

    /**
     * Room constant R = S a / (1 - a).
     *
     * @param  float  $surface  S of all sides of the room, m2, above 0
     * @param  float  $absorption  a, above 0, below 1
     * @return float m2
     */
    public static function roomConstant(float $surface, float $absorption = self::ABSORPTION): float
    {
        return $surface * $absorption / (1.0 - $absorption);
    }

    /**
     * In a room: Lp = Lw + 10 log10(q / (4 pi r2) + 4 / R).
     *
     * @param  float  $power  dB
     * @param  float  $distance  r, m, above 0
     * @param  float  $roomConstant  R, m2, above 0
     * @return float dBA
     */
    public static function inRoom(float $power, float $distance, float $roomConstant, float $directivity = self::ON_FLOOR): float
    {
        return $power + 10.0 * log10($directivity / (4.0 * M_PI * $distance ** 2) + 4.0 / $roomConstant);
    }

    /**
     * Level of a unit out of a reading with it on and one with it off: 10 log10(10^(Lon/10) - 10^(Loff/10)).
     *
     * @param  float  $on  dBA
     * @param  float  $off  dBA
     * @return float|null dBA; null where they are less than 3 dB apart and it cannot be told
     */
    public static function withoutBackground(float $on, float $off): ?float
    {
        return $on - $off < self::LEAST_DIFFERENCE ? null : 10.0 * log10(10.0 ** ($on / 10.0) - 10.0 ** ($off / 10.0));
    }

    /**
     * Surface of a rectangular room: floor, ceiling and four walls.
     *
     * @return float m2
     */
    public static function surface(float $length, float $width, float $height): float
    {
        return 2.0 * ($length * $width + ($length + $width) * $height);
    }
}
