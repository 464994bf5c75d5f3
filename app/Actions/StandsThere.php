<?php

namespace App\Actions;

use App\Models\Build;
use App\Models\Placement as PlacementRecord;
use App\Models\Room;
use Illuminate\Support\Facades\Gate;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\Setting;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\PurifierEntry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\DesignEntry;

/**
 * What stands in a room besides the units on the bench. A row names a build or a purifier that was bought, as a person chose
 * it; a copy carries the choices and figures of that build with it, so that nothing changes them later.
 *
 * @phpstan-type Row array{build?: int|null, bought?: array<string, mixed>|null, count: int, speed?: string|null}
 * @phpstan-type Copy array{choices?: array<string, mixed>, parts?: list<array{kind: string, data: array<string, mixed>}>, bought?: array<string, mixed>, count: int, speed: string}
 */
final readonly class StandsThere
{
    /** Rows of a room at most. */
    public const MOST = 12;

    /**
     * Copies of what the rows name; builds that are closed to whoever asks are refused.
     *
     * @param  list<Row>  $rows
     * @return list<Copy>
     */
    public function copies(array $rows, System $system): array
    {
        return array_map(function (array $row) use ($system): array {
            $counted = ['count' => $row['count'], 'speed' => (string) ($row['speed'] ?? '')];
            if (is_array($row['bought'] ?? null)) {
                return ['bought' => PurifierEntry::withUnits($row['bought'], $system)] + $counted;
            }
            $build = Build::ofRoomsThatAreThere()->with(['latest', 'room.site'])->findOrFail($row['build'] ?? 0);
            Gate::authorize('view', $build);

            return self::copy($build, $counted);
        }, $rows);
    }

    /**
     * Copies of all that stands in a room.
     *
     * @return list<Copy>
     */
    public function inRoom(Room $room): array
    {
        return array_values($room->placements->map(function (PlacementRecord $one): array {
            $counted = ['count' => $one->count, 'speed' => $one->speed];

            return $one->build === null ? ['bought' => $one->bought ?? []] + $counted : self::copy($one->build, $counted);
        })->all());
    }

    /**
     * What the copies stand for.
     *
     * @param  list<Copy>  $copies
     * @return list<Placement>
     */
    public function placements(array $copies, System $system, Setting $setting): array
    {
        return array_map(function (array $copy, int $number) use ($system, $setting): Placement {
            if (isset($copy['bought'])) {
                return Placement::ofBought(PurifierEntry::read($copy['bought'], $system, "beside.{$number}.bought"), $copy['count'], $setting);
            }
            $catalogue = Catalogue::fromEntries($copy['parts'] ?? []);
            $entry = DesignEntry::read(['units' => $copy['count']] + ($copy['choices'] ?? []), $catalogue);

            return Placement::ofUnits($entry->design, $copy['count'], $copy['speed'], $catalogue, $setting);
        }, $copies, array_keys($copies));
    }

    /**
     * @param  array{count: int, speed: string}  $counted
     * @return Copy
     */
    private static function copy(Build $build, array $counted): array
    {
        return ['choices' => $build->latest->choices, 'parts' => $build->latest->parts] + $counted;
    }
}
