<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;

/** A room into which purifiers in its windows blow outdoor air, beside whatever else ventilates it. */
final readonly class SuppliedSpace implements Space
{
    private function __construct(private Space $room, private Ventilation $ventilation)
    {
    }

    /** The room itself where nothing is blown in. */
    public static function of(Space $room, Output $output): Space
    {
        return $output->bringsAirIn() ? new self($room, $room->ventilation()->withSupply($output->intake + $output->leakedIn, $output->caught)) : $room;
    }

    public function volume(): float
    {
        return $this->room->volume();
    }

    public function floorArea(): ?float
    {
        return $this->room->floorArea();
    }

    public function ceiling(): ?float
    {
        return $this->room->ceiling();
    }

    public function people(): ?int
    {
        return $this->room->people();
    }

    public function occupancy(): ?Occupancy
    {
        return $this->room->occupancy();
    }

    public function pollutant(): Pollutant
    {
        return $this->room->pollutant();
    }

    public function ventilation(): Ventilation
    {
        return $this->ventilation;
    }

    public function deposition(): PerBin
    {
        return $this->room->deposition();
    }

    public function mixing(): float
    {
        return $this->room->mixing();
    }

    public function mixingRange(): array
    {
        return $this->room->mixingRange();
    }

    public function outdoor(): ?float
    {
        return $this->room->outdoor();
    }

    public function source(): float
    {
        return $this->room->source();
    }
}
