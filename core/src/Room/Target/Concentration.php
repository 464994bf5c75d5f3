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

/** A concentration of the room's pollutant to hold while it is as bad outdoors as it is said to be. */
final readonly class Concentration implements Target
{
    use NamedTarget;

    /** @param  float  $level ug/m3, above 0 */
    public function __construct(private string $id, private string $name, private string $source, private float $level)
    {
    }

    public function judges(Space $room): Pollutant
    {
        return $room->pollutant();
    }

    public function asks(Space $room, ?PerBin $spectrum = null): ?float
    {
        return NeededOutput::toHold($room, $spectrum ?? PerBin::same(1.0), $this->level);
    }

    public function sum(Space $room, float $asks, ?PerBin $spectrum = null): Sum
    {
        $clean = NeededOutput::ofSpectrum($room->pollutant(), $spectrum ?? PerBin::same(1.0), $asks);
        $held = RoomAir::of($room, $clean)->held($room->pollutant(), $room->outdoor() ?? 0.0, $room->source());
        $level = NeededOutput::steady($room, $clean, $room->outdoor() ?? 0.0);

        return new Sum("level = {$held->letters}", Sentence::of('{sum} = {level}, at {flow}', sum: $held->filled, level: [Display::Concentration, $level], flow: [Display::Flow, $asks]));
    }

    /** What a window intake brings counts as the output that would hold the same concentration. */
    public function gets(Space $room, Output $output): float
    {
        return EquivalentOutput::holding($room, $output, $room->pollutant());
    }

    /** Already in the balance of the room. */
    public function building(Space $room): float
    {
        return 0.0;
    }

    public function dependsOnSpectrum(): bool
    {
        return true;
    }

    public function holds(): float
    {
        return $this->level;
    }

    public function needs(): string
    {
        return 'how much is outdoors';
    }
}
