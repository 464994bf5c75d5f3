<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Pollutant;

/** What must be known of a room to say what it needs and how its air clears; null where it is not known. */
interface Space
{
    /**
     * @return float m3
     */
    public function volume(): float;

    /**
     * @return float|null m2
     */
    public function floorArea(): ?float;

    /**
     * @return float|null m
     */
    public function ceiling(): ?float;

    public function people(): ?int;

    public function occupancy(): ?Occupancy;

    public function pollutant(): Pollutant;

    /**
     * Outdoor air changes by cracks.
     *
     * @return float 1/h
     */
    public function infiltration(): float;
}
