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

/** So much clean air for each person, by the use of the room. */
final readonly class PerPerson implements Target
{
    use NamedTarget;

    public function __construct(
        private string $id,
        private string $name,
        private string $source,
        private Pollutant $sharedAir,
    ) {
    }

    public function judges(Space $room): Pollutant
    {
        return $this->sharedAir;
    }

    public function asks(Space $room, ?PerBin $spectrum = null): ?float
    {
        $people = $room->people();
        $occupancy = $room->occupancy();

        return $people === null || $people === 0 || $occupancy === null ? null : $people * $occupancy->cleanAirPerPerson;
    }

    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum
    {
        return new Sum('people × clean air for each', Sentence::of(
            '{people} × {each} = {flow}', people: $room->people() ?? 0, each: [Display::FineFlow, $room->occupancy()->cleanAirPerPerson ?? 0.0], flow: [Display::Flow, $asks],
        ));
    }

    /** What a window intake brings counts in full as outdoor air. */
    public function gets(Space $room, Output $output): float
    {
        return $this->sharedAir->weigh($output->clean) + $output->intake;
    }

    public function building(Space $room): float
    {
        return $this->sharedAir->weigh($room->ventilation()->counted());
    }

    public function dependsOnSpectrum(): bool
    {
        return false;
    }

    public function needs(): string
    {
        return 'how many people, and what for';
    }
}
