<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Room\EquivalentOutput;
use Jornel\Core\Room\NeededOutput;
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

    public function asks(Space $room, ?BinShares $spectrum = null): ?float
    {
        return NeededOutput::toHold($room, $spectrum ?? BinShares::same(1.0), $this->level);
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
