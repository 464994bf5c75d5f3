<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Room\Room;

/** So much clean air for each person, by the use of the room. */
final readonly class PerPerson implements Target
{
    public function __construct(
        private string $id,
        private string $name,
        private string $source,
        private Pollutant $sharedAir,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function source(): string
    {
        return $this->source;
    }

    public function judges(Room $room): Pollutant
    {
        return $this->sharedAir;
    }

    public function asks(Room $room): ?float
    {
        return $room->people === 0 ? null : $room->people * $room->use->cleanAirPerPerson;
    }
}
