<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;

/** A room of which perhaps only the volume is known. */
final readonly class Enclosure implements Space
{
    private PerBin $deposition;

    /**
     * @param  float  $volume  m3, above 0
     * @param  Pollutant  $pollutant  what is in its air
     * @param  float|null  $floorArea  m2
     * @param  float|null  $ceiling  m
     * @param  PerBin|null  $deposition  1/h; null for the usual
     * @param  float|null  $mixing  above 0; null for 1 and the usual range
     * @param  float|null  $outdoor  ug/m3
     * @param  float  $source  ug/s
     */
    public function __construct(
        private float $volume,
        private Pollutant $pollutant,
        private ?float $floorArea = null,
        private ?float $ceiling = null,
        private ?int $people = null,
        private ?Occupancy $occupancy = null,
        private Ventilation $ventilation = new Ventilation,
        ?PerBin $deposition = null,
        private ?float $mixing = null,
        private ?float $outdoor = null,
        private float $source = 0.0,
    ) {
        $this->deposition = $deposition ?? PerBin::of(RoomAir::DEPOSITION);
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

    public function ventilation(): Ventilation
    {
        return $this->ventilation;
    }

    public function deposition(): PerBin
    {
        return $this->deposition;
    }

    public function mixing(): float
    {
        return $this->mixing ?? 1.0;
    }

    public function mixingRange(): array
    {
        return $this->mixing === null ? Clearance::MIXING : [$this->mixing, $this->mixing];
    }

    public function outdoor(): ?float
    {
        return $this->outdoor;
    }

    public function source(): float
    {
        return $this->source;
    }
}
