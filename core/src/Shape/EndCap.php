<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A printed cap on the closed end of a ring cartridge: a plate, and a lip that holds it by friction. */
final readonly class EndCap
{
    /** Height of the lip, m (assumed). */
    public const LIP = 0.012;

    /** Play between lip and cartridge, m: tight enough to hold, wide enough to go on (assumed). */
    public const PLAY = 0.0003;

    /** @param  float  $diameter of the cartridge outside, m */
    public function __construct(private float $diameter)
    {
    }

    /**
     * Inner radius of the lip.
     *
     * @return float m
     */
    public function inside(): float
    {
        return $this->diameter / 2.0 + self::PLAY;
    }

    /** @return float m */
    public function outside(): float
    {
        return $this->inside() + Cone::WALL;
    }

    /** @return float m3 of plastic */
    public function volume(): float
    {
        return M_PI * ($this->outside() ** 2 * (Cone::WALL + self::LIP) - $this->inside() ** 2 * self::LIP);
    }
}
