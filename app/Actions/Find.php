<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Part;
use App\Models\Programme;
use Jornel\Core\Air\Air;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Finder\WishEntry;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\Setting;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Room\Target\UnknownTarget;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Sound\Seat;

/**
 * Puts the question to the finder: a room, its goal, what builds are held to, what stands there, and what is on the shelf.
 *
 * @phpstan-import-type Copy from StandsThere
 */
final readonly class Find
{
    public function __construct(private DataFiles $data, private Shelf $shelf, private StandsThere $there)
    {
    }

    /**
     * @param  array<string, mixed>  $room  as written down
     * @param  array<string, mixed>  $wishes  as written down
     * @param  list<Copy>  $beside  what stands in the room already
     */
    public function __invoke(array $room, string $goal, array $wishes, System $system, ?Programme $programme, ?Build $build, array $beside = []): SearchProblem
    {
        $space = RoomEntry::read($room, $system, $this->data->occupancies(), $this->data->pollutants(), $this->data->grades());
        $target = $this->data->targets()->get($goal);
        if ($target->asks($space) === null) {
            throw UnknownTarget::saysNothing($target->name());
        }
        $wish = WishEntry::read($wishes, $system);
        $setting = new Setting($this->data->cautions(), $this->data->tolerances(), $this->data->likelihoods(), $programme?->air() ?? Air::reference(), $programme?->economy() ?? Economy::withoutEnergy());
        $pollutant = $space->pollutant();
        [$shapes, $tooLocal] = Range::reaching(($wishes['windows'] ?? false) === true ? Shapes::all() : Range::usual()->shapes, $pollutant->isAtSource);

        return new SearchProblem(
            $space, $target, Part::catalogue($programme), $wish->limits,
            new Range(
                $shapes, is_int($wishes['units'] ?? null) ? $wishes['units'] : Range::MOST_UNITS, ($wishes['coarser'] ?? false) === true ? null : $pollutant->leastGrade,
                ($wishes['prefilters'] ?? false) === true, $space->plan->window(), ($wishes['trials'] ?? false) === true, $tooLocal,
            ),
            $setting->air, $setting->economy,
            $wish->seat === null ? Seat::atOneMetre() : Seat::at($wish->seat, $space->surface()),
            $programme === null ? Stock::none() : $this->shelf->stock($programme, $build),
            $setting->tolerances, is_numeric($wishes['sure'] ?? null) ? (float) $wishes['sure'] : SearchProblem::SURE,
            $beside === [] ? null : Placement::together($this->there->placements($beside, $system, $setting)),
        );
    }
}
