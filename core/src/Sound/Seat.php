<?php

declare(strict_types=1);

namespace Jornel\Core\Sound;

use Jornel\Core\Fault\OutOfRange;

/** Where units are heard: so far away, in the open or in a room of a known surface. */
final readonly class Seat
{
    /** Distance that is allowed, m. */
    public const DISTANCE = [0.3, 30.0];

    /**
     * @param  float  $distance  m
     * @param  float|null  $roomConstant  m2; null for the open
     * @param  float  $directivity  2 on the floor, 4 in an edge, 8 in a corner
     */
    private function __construct(public float $distance, private ?float $roomConstant, private float $directivity)
    {
    }

    /** One metre away in the open, as fans are rated. */
    public static function atOneMetre(): self
    {
        return new self(1.0, null, Sound::ON_FLOOR);
    }

    /**
     * @param  float  $distance  m
     * @param  float|null  $surface  of all sides of the room, m2; null for the open
     * @param  float  $absorption  of sound by its surfaces, above 0, below 1
     *
     * @throws OutOfRange
     */
    public static function at(float $distance, ?float $surface, float $absorption = Sound::ABSORPTION, float $directivity = Sound::ON_FLOOR): self
    {
        return $distance >= self::DISTANCE[0] && $distance <= self::DISTANCE[1]
            ? new self($distance, $surface === null ? null : Sound::roomConstant($surface, $absorption), $directivity)
            : throw OutOfRange::of('room.seat', $distance, self::DISTANCE[0], self::DISTANCE[1], 'm');
    }

    /**
     * Level of some units alike, each of them so far away.
     *
     * @param  float  $level  of one at 1 m in the open, dBA
     * @param  int  $units  1 or more
     * @return float dBA
     */
    public function level(float $level, int $units = 1): float
    {
        return $this->together(array_fill(0, max(1, $units), $level));
    }

    /**
     * Level of several, each of them so far away.
     *
     * @param  non-empty-list<float>  $levels  of each at 1 m in the open, dBA
     * @return float dBA
     */
    public function together(array $levels): float
    {
        return Sound::together(array_map(fn (float $level): float => $this->roomConstant === null
            ? Sound::free($level, $this->distance)
            : Sound::inRoom(Sound::power($level, $this->directivity), $this->distance, $this->roomConstant, $this->directivity), $levels));
    }
}
