<?php

namespace App\Actions;

use App\Models\Part;
use App\Models\Version;
use Jornel\Core\DataFiles;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Shape\DesignEntry;

/** Asks the core for the ledger of a room, with or without a unit. */
final readonly class Evaluate
{
    public function __construct(private DataFiles $data)
    {
    }

    /**
     * @param  array<string, mixed>  $room  as written down
     * @param  array<string, mixed>|null  $unit  as chosen
     * @param  Version|null  $version  whose copies of part figures go before today's
     */
    public function __invoke(array $room, string $goal, ?array $unit, System $system, ?Version $version = null): Ledger
    {
        $targets = $this->data->targets();
        $ledger = Ledger::ofRoom(
            RoomEntry::read($room, $system, $this->data->occupancies(), $this->data->pollutants()),
            $targets->get($goal),
            $targets,
        );
        if ($unit === null) {
            return $ledger;
        }
        $catalogue = $this->catalogue($unit, $version);
        $entry = DesignEntry::read($unit, $catalogue);

        return $ledger->with($entry->design, $entry->units, $entry->speed, $catalogue, $this->data->cautions());
    }

    /**
     * The parts that a choice names, a version's copies of their figures before today's.
     *
     * @param  array<string, mixed>  $unit
     */
    public function catalogue(array $unit, ?Version $version): Catalogue
    {
        $today = Catalogue::fromEntries(Part::chosen($unit));

        return $version === null ? $today : $today->overlaidBy($version->catalogue());
    }

    /** What a version was computed with, computed again. */
    public function version(Version $version): Ledger
    {
        return $this($version->room['entries'], $version->room['goal'], $version->choices, $version->measure(), $version);
    }
}
