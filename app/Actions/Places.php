<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Person;
use App\Models\Placement;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Sites and rooms as a whole: in another order, made again, moved, deleted and brought back. */
final class Places
{
    /** Stands for the number in the pattern of names. */
    public const NUMBER = '#';

    /** @param  list<int>  $sites  all of a programme's */
    public function order(Programme $programme, array $sites): void
    {
        DB::transaction(function () use ($programme, $sites): void {
            foreach ($sites as $position => $site) {
                $programme->sites()->whereKey($site)->update(['position' => $position + 1]);
            }
        });
    }

    /** A site and all its rooms, at one moment, by which they come back together. */
    public function deleteSite(Site $site): void
    {
        DB::transaction(function () use ($site): void {
            $now = Carbon::now();
            $site->forceFill(['deleted_at' => $now])->save();
            DB::table('rooms')->where('site_id', $site->id)->whereNull('deleted_at')->update(['deleted_at' => $now]);
        });
    }

    public function restoreSite(Site $site): void
    {
        DB::transaction(function () use ($site): void {
            DB::table('rooms')->where('site_id', $site->id)->where('deleted_at', $site->deleted_at)->update(['deleted_at' => null]);
            $site->restore();
        });
    }

    /**
     * Rooms like one, with what was measured, its goal, its builds and what stands there. Doors of the copies lead nowhere yet.
     *
     * @param  list<string>  $names
     * @return list<Room>
     */
    public function copy(Room $room, array $names, Person $by): array
    {
        return DB::transaction(function () use ($room, $names, $by): array {
            $room->load(['builds.latest', 'placements']);

            return array_map(fn (string $name): Room => $this->copied($room, $name, $by), $names);
        });
    }

    /** To another site of the same programme; doors that led to it, and its own, lead nowhere then. */
    public function move(Room $room, Site $site): void
    {
        DB::transaction(function () use ($room, $site): void {
            // All of them are held, so that nothing that somebody saves meanwhile is overwritten.
            $rooms = Room::query()->where('site_id', $room->site_id);
            $rooms->orderBy('id')->lockForUpdate();
            foreach ($rooms->get() as $one) {
                $this->closeDoors($one, fn (string $to): bool => $one->is($room) || $to === (string) $room->id);
            }
            $room->refresh();
            $room->site()->associate($site);
            $room->forceFill(['revision' => $room->revision + 1])->save();
        });
    }

    private function copied(Room $room, string $name, Person $by): Room
    {
        $copy = $room->replicate(['basis', 'changed_by'])->fill(['name' => $name, 'revision' => 1, 'changed_by' => $by->id]);
        $copy->furnishings = self::withoutDoors($room->furnishings, fn (string $to): bool => true);
        $copy->save();
        $builds = [];
        foreach ($room->builds as $build) {
            $builds[$build->id] = $this->copiedBuild($build, $copy, $by);
        }
        foreach ($room->placements as $placement) {
            $own = new Placement($placement->only(['position', 'bought', 'count', 'speed']));
            $own->build_id = $placement->build_id === null ? null : $builds[$placement->build_id]->id;
            $copy->placements()->save($own);
        }

        return $copy;
    }

    /** Its latest version is the first of the copy. */
    private function copiedBuild(Build $build, Room $copy, Person $by): Build
    {
        $own = $copy->builds()->create(['name' => $build->name]);
        $version = $build->latest->replicate(['created_at'])->fill(['number' => 1, 'person_id' => $by->id]);
        $version->room = ['entries' => ['name' => $copy->name] + $version->room['entries']] + $version->room;
        $own->versions()->save($version);

        return $own;
    }

    /** @param  callable(string): bool  $leads  whether a door that leads to this room is meant */
    private function closeDoors(Room $room, callable $leads): void
    {
        $closed = self::withoutDoors($room->furnishings, $leads);
        if ($closed !== $room->furnishings) {
            $room->forceFill(['furnishings' => $closed, 'revision' => $room->revision + 1])->save();
        }
    }

    /**
     * @param  list<array<string, mixed>>|null  $furnishings
     * @param  callable(string): bool  $leads
     * @return list<array<string, mixed>>|null
     */
    private static function withoutDoors(?array $furnishings, callable $leads): ?array
    {
        return $furnishings === null ? null : array_map(function (array $one) use ($leads): array {
            $to = is_scalar($one['leads_to'] ?? null) ? (string) $one['leads_to'] : '';

            return $to !== '' && $leads($to) ? ['leads_to' => ''] + $one : $one;
        }, $furnishings);
    }
}
