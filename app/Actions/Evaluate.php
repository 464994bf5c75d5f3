<?php

namespace App\Actions;

use App\Models\Part;
use App\Models\Programme;
use App\Models\Room as RoomRecord;
use App\Models\Version;
use Jornel\Core\Air\Air;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\RoomResult;
use Jornel\Core\Ledger\Setting;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\WindowOpening;

/**
 * Asks the core for the ledger of a room, with or without a unit.
 *
 * @phpstan-import-type Copy from StandsThere
 */
final readonly class Evaluate
{
    public function __construct(private DataFiles $data, private StandsThere $there)
    {
    }

    /**
     * @param  array<string, mixed>  $room  as written down
     * @param  array<string, mixed>|null  $unit  as chosen
     * @param  Programme|null  $programme  whose own parts and settings hold
     * @param  Version|null  $version  whose copies of part figures go before today's
     * @param  list<Copy>  $beside  what stands in the room besides
     */
    public function __invoke(array $room, string $goal, ?array $unit, System $system, ?Programme $programme = null, ?Version $version = null, array $beside = []): Ledger
    {
        return $this->ledger($room, $goal, $unit, $system, $unit === null ? null : $this->catalogue($unit, $programme, $version), $this->setting($programme?->air(), $programme?->economy()), $beside);
    }

    /**
     * The parts that a choice names, a version's copies of their figures before today's.
     *
     * @param  array<string, mixed>  $unit
     */
    public function catalogue(array $unit, ?Programme $programme, ?Version $version): Catalogue
    {
        $today = Catalogue::fromEntries(Part::chosen($unit, $programme));

        return $version === null ? $today : $today->overlaidBy($version->catalogue());
    }

    /** @param  array<string, mixed>  $room  as written down */
    public function room(array $room, System $system): Room
    {
        return RoomEntry::read($room, $system, $this->data->occupancies(), $this->data->pollutants(), $this->data->grades());
    }

    /** Opening of the window that is drawn in a version's room; null where none is. */
    public function window(Version $version): ?WindowOpening
    {
        return $this->room($version->room['entries'], $version->measure())->plan->window();
    }

    /** What holds for a version: the air, the tariff, the tables that judge it. */
    public function settingOf(Version $version): Setting
    {
        return $this->setting($version->air(), $version->economy());
    }

    /** What a version was computed with, computed again. */
    public function version(Version $version): Ledger
    {
        $programme = $version->build->room->site->programme;

        return $this->ledger(
            $version->room['entries'], $version->room['goal'], $version->choices, $version->measure(),
            $this->catalogue($version->choices, $programme, $version), $this->setting($version->air(), $version->economy()), $version->beside ?? [],
        );
    }

    /**
     * @param  array<string, mixed>  $room
     * @param  array<string, mixed>|null  $unit
     * @param  list<Copy>  $beside
     */
    private function ledger(array $room, string $goal, ?array $unit, System $system, ?Catalogue $catalogue, Setting $setting, array $beside): Ledger
    {
        $targets = $this->data->targets();
        $ledger = Ledger::ofRoom(
            $this->room($room, $system),
            $targets->get($goal),
            $targets,
        );
        if ($unit === null || $catalogue === null) {
            return $ledger->standing($this->there->placements($beside, $system, $setting), $setting);
        }
        $entry = DesignEntry::read($unit, $catalogue);

        return $ledger->with($entry->design, $entry->units, $entry->speed, $catalogue, $setting, $this->there->placements($beside, $system, $setting));
    }

    /** What all that stands in a room comes to; null where nothing stands there. */
    public function result(RoomRecord $room, System $system): ?RoomResult
    {
        $copies = $this->there->inRoom($room);
        $programme = $room->site->programme;
        $setting = $this->setting($programme->air(), $programme->economy());

        return $copies === [] ? null : RoomResult::of(
            $this->room($room->entries(), $system), $this->data->targets()->get($room->goal), $this->there->placements($copies, $system, $setting), $setting,
        );
    }

    private function setting(?Air $air, ?Economy $economy): Setting
    {
        return new Setting($this->data->cautions(), $this->data->tolerances(), $this->data->likelihoods(), $air ?? Air::reference(), $economy ?? Economy::withoutEnergy());
    }
}
