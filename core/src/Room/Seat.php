<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

/** Where a unit is heard: so far away, in the open or in a room of a known surface. */
final readonly class Seat
{
    /** Distance that is allowed, m. */
    public const DISTANCE = [0.3, 30.0];

    private function __construct(public float $distance, private ?float $surface)
    {
    }

    /** One metre away in the open, as fans are rated. */
    public static function atOneMetre(): self
    {
        return new self(1.0, null);
    }

    /**
     * @param  float  $distance  m
     * @param  float|null  $surface  of all sides of the room, m2; null for the open
     *
     * @throws InvalidRoom
     */
    public static function at(float $distance, ?float $surface): self
    {
        return $distance >= self::DISTANCE[0] && $distance <= self::DISTANCE[1]
            ? new self($distance, $surface)
            : throw InvalidRoom::outOfRange('room.seat', $distance, self::DISTANCE[0], self::DISTANCE[1], 'm');
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
        $one = $this->surface === null
            ? Sound::free($level, $this->distance)
            : Sound::inRoom(Sound::power($level), $this->distance, Sound::roomConstant($this->surface));

        return Sound::together(array_fill(0, max(1, $units), $one));
    }
}
