<?php

namespace App\Actions;

use App\Exceptions\Overtaken;
use App\Models\Build;
use App\Models\Part;
use App\Models\Person;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\ShoppingList;

/**
 * Keeps a state of a build, with copies of the room, of what stands there and of every part figure it was computed with.
 *
 * @phpstan-import-type Copy from StandsThere
 */
final readonly class SaveVersion
{
    public function __construct(private Evaluate $evaluate)
    {
    }

    /**
     * @param  array<string, mixed>  $choices
     * @param  int  $basedOn  number of the version it was made from; 0 for the first
     * @param  Version|null  $kept  whose copies of part figures are kept
     * @param  list<Copy>  $beside  what stands in the room besides and was counted with it
     */
    public function __invoke(Build $build, Person $person, array $choices, int $basedOn, ?Version $kept = null, array $beside = []): Version
    {
        $room = $build->room;
        $programme = $room->site->programme;
        $ledger = ($this->evaluate)($room->entries(), $room->goal, $choices, $person->measure, $programme, $kept, $beside);
        $unit = $ledger->unit ?? throw new \LogicException('A version needs a unit.');
        $line = $unit->line();
        $design = $unit->design;
        $parts = $this->evaluate->catalogue($choices, $programme, $kept)->entries(array_values(array_filter([
            $design->fan->id, $design->filter->id, $design->prefilter?->id, $design->joining->id, ...ShoppingList::materials($design, $unit->assembly),
        ], is_string(...))));

        return DB::transaction(function () use ($build, $person, $choices, $basedOn, $room, $programme, $unit, $line, $parts, $beside): Version {
            $latest = $build->versions()->lockForUpdate()->max('number') ?? 0;
            if ($latest !== $basedOn) {
                throw Overtaken::version($latest);
            }

            $this->place($build, $unit->units, $line->performance->speed->name, $beside !== []);

            return $build->versions()->create([
                'number' => $basedOn + 1,
                'person_id' => $person->id,
                'choices' => ['speed' => $line->performance->speed->name] + $choices,
                'room' => ['entries' => $room->entries(), 'goal' => $room->goal, 'measure' => $person->measure->value],
                'parts' => $parts,
                'setting' => $programme->setting(),
                'clean_air_m3_s' => $line->judged(),
                'asks_m3_s' => min($unit->asks(), 9999.0),
                'units' => $unit->units,
                'units_needed' => $unit->needed,
                'standing' => $unit->standing()->value,
                'chance' => $unit->chance,
                'beside' => $beside === [] ? null : $beside,
            ]);
        });
    }

    /** Its units stand in the room from now on; a build of its own beside others only where they were counted with it. */
    private function place(Build $build, int $units, string $speed, bool $isBeside): void
    {
        $room = $build->room;
        $own = $room->placements()->where('build_id', $build->id)->first();
        if ($own !== null) {
            $own->update(['count' => $units, 'speed' => $speed]);
        } elseif ($isBeside || $room->placements()->doesntExist()) {
            $room->placements()->create(['position' => (int) $room->placements()->max('position') + 1, 'build_id' => $build->id, 'count' => $units, 'speed' => $speed]);
        }
    }
}
