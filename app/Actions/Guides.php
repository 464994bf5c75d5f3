<?php

namespace App\Actions;

use App\Models\Person;
use App\Models\Unit;
use App\Models\UnitTick;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideChange;
use Jornel\Core\Guide\GuidePart;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Guide\LearnedTimes;
use Jornel\Core\Guide\Making\Mend;
use Jornel\Core\Guide\Progress;

/**
 * Guides of versions, and of the units that are made by them.
 *
 * @phpstan-import-type FrozenStep from Unit
 */
final readonly class Guides
{
    /** Units of a shape whose ticks times are learned from, the latest first. */
    private const LEARNED_FROM = 60;

    public function __construct(private PlanKit $kit)
    {
    }

    /** By the sizes that were measured since, with the labels of its cut plan. */
    public function of(Version $version): Guide
    {
        $made = $this->kit->order($version);

        return Guide::of($made->order->design, $made->catalogue);
    }

    /** Begins a unit: the guide stays as it is now. */
    public function begin(Version $version, Person $by, string $name): Unit
    {
        $programme = $version->build->room->site->programme;
        // The programme's row is what two who begin at once wait for.
        DB::table('programmes')->where('id', $programme->id)->lockForUpdate()->first();
        $unit = Unit::query()->create([
            'programme_id' => $programme->id, 'version_id' => $version->id, 'name' => $name, 'token' => Str::random(22),
            'number' => 1 + (int) Unit::withTrashed()->where('programme_id', $programme->id)->max('number'),
            'guide' => $guide = $this->frozen($this->of($version)), 'steps' => count($guide), 'shape' => $version->choices['shape'], 'started_by' => $by->id, 'started_at' => now(),
        ]);
        Remember::that('unit_begun', $programme->id, $version->build->room, ['unit' => $unit->title(), 'build' => $version->build->name]);

        return $unit;
    }

    public function progress(Unit $unit): Progress
    {
        return Progress::of(array_values($unit->ticks->map(fn (UnitTick $tick) => $tick->tick())->all()));
    }

    /** What the build's latest version changes in the guide that a unit is made by. */
    public function changes(Unit $unit): GuideChange
    {
        $latest = $unit->version->build->latest;
        $told = array_map(fn (array $step): array => ['id' => $step['id'], 'action' => $step['action'], 'parts' => array_map(fn (array $part): string => $part['told'], $step['parts'])], $unit->guide);
        $now = array_map(GuideChange::told(...), $this->of($latest->setRelation('build', $unit->version->build))->steps);

        return GuideChange::between($told, $now);
    }

    /**
     * What the steps of a guide take, by the ticks of this programme on units of the same shape, and how somebody's own times
     * compare with those: 1 where nobody is asked for.
     *
     * @return array{LearnedTimes, float}
     */
    public function times(Guide $guide, int $programme, ?Person $person = null): array
    {
        $measured = $this->measured($guide, $programme);
        $took = fn (array $some): array => array_values(array_map(fn (array $one): array => [$one[0], $one[1]], $some));
        $times = LearnedTimes::of($took($measured), $guide);

        return [$times, $person === null ? 1.0 : $times->pace($took(array_filter($measured, fn (array $one): bool => $one[2] === $person->id)), $guide)];
    }

    /** @return list<array{string, float, int|null}> id of the step, minutes, and number of who did it */
    private function measured(Guide $guide, int $programme): array
    {
        $units = DB::table('units')->where('programme_id', $programme)->where('shape', $guide->design->shape->id())->whereNull('deleted_at')
            ->orderByDesc('id')->limit(self::LEARNED_FROM)->pluck('id');
        $rows = DB::table('unit_steps')->whereIn('unit_id', $units)->whereNotNull('minutes')->orderBy('unit_id')->orderBy('step');

        return array_values($rows->get(['step', 'minutes', 'done_by'])->map(fn (object $row): array => [(string) $row->step, (float) $row->minutes, $row->done_by === null ? null : (int) $row->done_by])->all());
    }

    /** @return list<FrozenStep> */
    public function frozen(Guide $guide): array
    {
        return array_map(fn (GuideStep $step): array => [
            'id' => $step->id(), 'action' => $step->step->action, 'reason' => $step->step->reason,
            'parts' => array_map(fn (GuidePart $part): array => ['label' => $part->label, 'part' => $part->part, 'name' => $part->name, 'count' => $part->count, 'told' => $part->told()], $step->parts),
            'tools' => $step->step->tools(), 'minutes' => $step->step->minutes(), 'wait' => $step->step->wait, 'after' => $step->after,
            'holds' => $step->step->holds, 'skill' => $step->skill(), 'adults_only' => $step->step->isForAdults(), 'is_check' => $step->step->isCheck,
            'cautions' => $step->step->cautions(), 'mends' => array_map(fn (Mend $mend): string => $mend->value, $step->mends()),
        ], $guide->steps);
    }
}
