<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Pollutant;

/** A room of which perhaps only the volume is known. */
final readonly class Enclosure implements Space
{
    /**
     * @param  float  $volume  m3, above 0
     * @param  float|null  $floorArea  m2
     * @param  float|null  $ceiling  m
     * @param  float  $infiltration  1/h, zero or more
     */
    public function __construct(
        private float $volume,
        private ?float $floorArea,
        private ?float $ceiling,
        private ?int $people,
        private ?Occupancy $occupancy,
        private Pollutant $pollutant,
        private float $infiltration = Room::ORDINARY_INFILTRATION,
    ) {
    }

    public function volume(): float
    {
        return $this->volume;
    }

    public function floorArea(): ?float
    {
        return $this->floorArea;
    }

    public function ceiling(): ?float
    {
        return $this->ceiling;
    }

    public function people(): ?int
    {
        return $this->people;
    }

    public function occupancy(): ?Occupancy
    {
        return $this->occupancy;
    }

    public function pollutant(): Pollutant
    {
        return $this->pollutant;
    }

    public function infiltration(): float
    {
        return $this->infiltration;
    }
}
