<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Sum;
use Jornel\Core\Room\EquivalentOutput;
use Jornel\Core\Room\NeededOutput;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Space;

/** A share of the room's pollutant to be gone in so many minutes. */
final readonly class ClearInTime implements Target
{
    use NamedTarget;

    /**
     * @param  float  $share  above 0, below 1
     * @param  float  $time  s, above 0
     */
    public function __construct(private string $id, private string $name, private string $source, private float $share, private float $time)
    {
    }

    public function judges(Space $room): Pollutant
    {
        return $room->pollutant();
    }

    public function asks(Space $room, ?PerBin $spectrum = null): ?float
    {
        return NeededOutput::toClear($room, $spectrum ?? PerBin::same(1.0), $this->share, $this->time);
    }

    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum
    {
        $left = RoomAir::of($room, NeededOutput::ofSpectrum($room->pollutant(), $spectrum ?? PerBin::same(1.0), $asks))->left($room->pollutant(), $this->time);

        return new Sum("share left = {$left->letters}", Sentence::of('{share} = {left}, at {flow}', share: $left->filled, left: sprintf('%.4g', 1.0 - $this->share), flow: [Display::Flow, $asks]));
    }

    /** What a window intake brings counts as the output that would clear as much in the time. */
    public function gets(Space $room, Output $output): float
    {
        return EquivalentOutput::clearing($room, $output, $this->time);
    }

    /** Already in the rates of the room. */
    public function building(Space $room): float
    {
        return 0.0;
    }

    public function dependsOnSpectrum(): bool
    {
        return true;
    }

    public function needs(): string
    {
        return 'how big the room is';
    }
}
