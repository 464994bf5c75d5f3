<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Room\Space;

/** One school of how much clean air a room should have. */
interface Target
{
    public function id(): string;

    public function name(): string;

    /** What it rests on. */
    public function source(): string;

    /** Which clean air it judges. */
    public function judges(Space $room): Pollutant;

    /**
     * Clean air that it asks for.
     *
     * @return float|null m3/s; null where it has nothing to say about the room
     */
    public function asks(Space $room): ?float;
}
