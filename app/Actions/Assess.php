<?php

namespace App\Actions;

use App\Models\Programme;
use App\Models\Room;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Quantity\System;

/**
 * How rooms do. An assessment is kept until something that it rests on changes: what was measured, what stands in the room,
 * the latest versions of its builds, the settings of its programme, or the rules and figures themselves. Each of those counts
 * a room's `basis` on in its own transaction, so that an assessment of before is told from one of now.
 */
final readonly class Assess
{
    /** What was written is kept with its units, so that the measure does not matter. */
    private const MEASURE = System::Metric;

    public function __construct(private Evaluate $evaluate)
    {
    }

    /**
     * Assessments of rooms, those that are missing worked out and kept.
     *
     * @param  list<int>  $rooms  of one programme
     * @return array<int, RoomAssessment> by room, in the same order; without those that are gone
     */
    public function rooms(Programme $programme, array $rooms): array
    {
        $kept = $this->ofProgramme($programme)->join('assessments', $this->holds(...))->whereIn('rooms.id', $rooms)->pluck('assessments.card', 'rooms.id');
        $missing = array_values(array_diff($rooms, $kept->keys()->all()));
        $fresh = $missing === [] ? [] : $this->workOut($programme, $missing);
        $assessments = [];
        foreach ($rooms as $room) {
            $card = isset($kept[$room]) ? RoomAssessment::fromJson($kept[$room]) : $fresh[$room] ?? null;
            if ($card !== null) {
                $assessments[$room] = $card;
            }
        }

        return $assessments;
    }

    /**
     * Works out those rooms of a programme that have no assessment, so many at most.
     *
     * @return int how many there were
     */
    public function missing(Programme $programme, int $most): int
    {
        $rooms = $this->ofProgramme($programme)->leftJoin('assessments', $this->holds(...))->whereNull('assessments.room_id');
        /** @var list<int> $ids */
        $ids = $rooms->orderBy('rooms.id')->limit($most)->pluck('rooms.id')->all();
        $this->workOut($programme, $ids);

        return count($ids);
    }

    /**
     * How many rooms do how, by site.
     *
     * @return array<int, array<string, int>> by site: by likelihood, `none` where nothing stands, `pending` where it is not known yet
     */
    public function tallies(Programme $programme): array
    {
        $rooms = $this->ofProgramme($programme)->leftJoin('assessments', $this->holds(...));
        $rooms->selectRaw("rooms.site_id as site, CASE WHEN assessments.room_id IS NULL THEN 'pending' ELSE COALESCE(assessments.likelihood, 'none') END as outcome, COUNT(*) as rooms");
        $rooms->groupBy('site', 'outcome');
        $tallies = [];
        foreach ($rooms->get() as $row) {
            $tallies[(int) $row->site][(string) $row->outcome] = (int) $row->rooms;
        }

        return $tallies;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, RoomAssessment>
     */
    private function workOut(Programme $programme, array $ids): array
    {
        // The rooms are read first: what changes while the rest is read counts their basis on, and they are worked out again.
        $rooms = Room::query()->with(['builds', 'placements.build.latest', 'site'])->findMany($ids);
        $programme = $programme->newQuery()->findOrFail($programme->id);
        $assessments = [];
        foreach ($rooms as $room) {
            $room->site->setRelation('programme', $programme);
            $assessments[$room->id] = RoomAssessment::of($room, ($this->evaluate)($room->entries(), $room->goal, null, self::MEASURE), $this->evaluate->result($room, self::MEASURE));
        }
        $this->keep($rooms, $assessments);

        return $assessments;
    }

    /**
     * @param  Collection<int, Room>  $rooms
     * @param  array<int, RoomAssessment>  $assessments
     */
    private function keep(Collection $rooms, array $assessments): void
    {
        $rows = $rooms->map(fn (Room $room): array => [
            'room_id' => $room->id, 'basis' => $room->basis, 'figures' => self::figures(),
            'likelihood' => $assessments[$room->id]->likelihood, 'card' => $assessments[$room->id]->json(),
        ])->all();
        if ($rows !== []) {
            DB::table('assessments')->upsert(array_values($rows), ['room_id'], ['basis', 'figures', 'likelihood', 'card']);
        }
    }

    /** Rooms of a programme that are there. */
    private function ofProgramme(Programme $programme): Builder
    {
        return DB::table('rooms')->join('sites', 'sites.id', 'rooms.site_id')->where('sites.programme_id', $programme->id)->whereNull('rooms.deleted_at');
    }

    /** Of a room, an assessment that still holds. */
    private function holds(JoinClause $join): void
    {
        $join->on('assessments.room_id', 'rooms.id')->on('assessments.basis', 'rooms.basis')->where('assessments.figures', self::figures());
    }

    private static function figures(): string
    {
        $figures = config('jornel.figures');

        return is_string($figures) ? $figures : '';
    }
}
