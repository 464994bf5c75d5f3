<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Quantity\Sum;
use Jornel\Core\Room\Space;

/** A rule that says how much clean air a room needs. */
interface Target
{
    public function id(): string;

    public function name(): string;

    /** What it rests on. */
    public function source(): string;

    /** Which clean air it judges. */
    public function judges(Space $room): Pollutant;

    /**
     * Clean air that it asks for, of the kind that it judges.
     *
     * @param  PerBin|null  $spectrum  clean air of the unit that is judged, by bin, of which only the proportions
     *                                    count; null for one that cleans every bin alike
     * @return float|null m3/s; null where it has nothing to say about the room
     */
    public function asks(Space $room, ?PerBin $spectrum = null): ?float;

    /**
     * How what it asks for is worked out, or how it comes out that it is just enough.
     *
     * @param  float  $asks  what it asks for, finite, m3/s
     * @param  PerBin|null  $spectrum  as above
     */
    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum;

    /**
     * Clean air of purifiers that counts towards it, of the kind that it judges.
     *
     * @return float m3/s
     */
    public function gets(Space $room, Output $output): float;

    /** Whether what it asks for hangs on how a unit's clean air is shared among the bins. */
    public function dependsOnSpectrum(): bool;

    /** What must be told of a room before it can ask anything: `how many people`. */
    public function needs(): string;

    /** Concentration that it holds the room to, ug/m3; null where it is about something else. */
    public function holds(): ?float;

    /**
     * What the building itself gives towards it: fixed outdoor air, a good central filter.
     *
     * @return float m3/s
     */
    public function building(Space $room): float;
}
