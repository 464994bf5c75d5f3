<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Sum;
use Jornel\Core\Room\Space;

/** So many air changes per hour: n V / 3600. */
final readonly class AirChanges implements Target
{
    public const RANGE = [0.5, 60.0];

    /** @param  float  $perHour air changes, 1/h */
    public function __construct(private float $perHour, private string $source)
    {
    }

    public function id(): string
    {
        return sprintf('air-changes-%g', $this->perHour);
    }

    public function name(): string
    {
        return sprintf('%g air changes an hour', $this->perHour);
    }

    public function source(): string
    {
        return $this->source;
    }

    public function judges(Space $room): Pollutant
    {
        return $room->pollutant();
    }

    public function asks(Space $room, ?PerBin $spectrum = null): float
    {
        return $this->perHour * $room->volume() / 3600.0;
    }

    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum
    {
        $number = sprintf('%g', $this->perHour);

        return new Sum('Q = n V, n in an hour', Sentence::either(
            Sentence::of('{number} × {volume} = {flow}', number: $number, volume: [Display::Volume, $room->volume()], flow: [Display::Flow, $asks]),
            Sentence::of('{number} × {volume} / 60 = {flow}', number: $number, volume: [Display::Volume, $room->volume()], flow: [Display::Flow, $asks]),
        ));
    }

    /** What a window intake brings counts in full as outdoor air. */
    public function gets(Space $room, Output $output): float
    {
        return $room->pollutant()->weigh($output->clean) + $output->intake;
    }

    public function building(Space $room): float
    {
        return $room->pollutant()->weigh($room->ventilation()->counted());
    }

    public function dependsOnSpectrum(): bool
    {
        return false;
    }

    public function needs(): string
    {
        return 'how big the room is';
    }

    public function holds(): ?float
    {
        return null;
    }
}
