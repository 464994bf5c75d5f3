<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

/** A use of a room, with the clean air that each person in it is owed against shared-air aerosol. */
final readonly class Occupancy
{
    /**
     * @param  string  $within  its name within a sentence
     * @param  float  $cleanAirPerPerson m3/s (ANSI/ASHRAE Standard 241-2023, from memory)
     */
    public function __construct(public string $id, public string $name, public string $within, public float $cleanAirPerPerson)
    {
    }
}
