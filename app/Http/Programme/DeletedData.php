<?php

namespace App\Http\Programme;

use App\Models\BuildDay;
use App\Models\Meter;
use App\Models\Person;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Deleted', description: 'What was deleted from a programme and can be brought back, the latest first')]
final readonly class DeletedData
{
    private const MOST = 200;

    /** @param  list<array{kind: string, id: int, name: string, of: string, at: string, may_bring_back: bool}>  $items */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['kind', 'id', 'name', 'of', 'at', 'may_bring_back'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['site', 'room', 'unit', 'day', 'meter']), new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'of', type: 'string', description: 'Site of a room, room of a unit; empty for others'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
            new OA\Property(property: 'may_bring_back', type: 'boolean', description: 'Whether whoever asks may'),
        ]))] public array $items,
    ) {
    }

    public static function of(Programme $programme, Person $person): self
    {
        [$places, $work] = array_map(fn (string $what): bool => Gate::forUser($person)->allows($what, $programme), ['organise', 'build']);
        $items = [];
        foreach (Site::onlyTrashed()->where('programme_id', $programme->id)->latest('deleted_at')->limit(self::MOST)->get() as $site) {
            $items[] = self::item('site', $site->id, $site->name, '', $site->deleted_at, $places);
        }
        // What belongs to a deleted site or room comes back with it.
        $rooms = Room::onlyTrashed()->with('site')->whereIn('site_id', $programme->sites()->select('id'));
        foreach ($rooms->latest('deleted_at')->limit(self::MOST)->get() as $room) {
            $items[] = self::item('room', $room->id, $room->name, $room->site->name, $room->deleted_at, $places);
        }
        $units = Unit::onlyTrashed()->with('version.build.room')->where('programme_id', $programme->id);
        $units->whereHas('version.build.room.site')->latest('deleted_at')->limit(self::MOST);
        foreach ($units->get() as $unit) {
            $items[] = self::item('unit', $unit->id, $unit->title(), $unit->version->build->room->name, $unit->deleted_at, $work);
        }
        foreach (BuildDay::onlyTrashed()->where('programme_id', $programme->id)->latest('deleted_at')->limit(self::MOST)->get() as $day) {
            $items[] = self::item('day', $day->id, $day->name, '', $day->deleted_at, $work);
        }
        foreach (Meter::onlyTrashed()->where('programme_id', $programme->id)->latest('deleted_at')->limit(self::MOST)->get() as $meter) {
            $items[] = self::item('meter', $meter->id, $meter->name, '', $meter->deleted_at, $places);
        }
        usort($items, fn (array $one, array $other): int => $other['at'] <=> $one['at']);

        return new self($items);
    }

    /** @return array{kind: string, id: int, name: string, of: string, at: string, may_bring_back: bool} */
    private static function item(string $kind, int $id, string $name, string $of, ?Carbon $at, bool $may): array
    {
        return ['kind' => $kind, 'id' => $id, 'name' => $name, 'of' => $of, 'at' => (string) $at?->toIso8601String(), 'may_bring_back' => $may];
    }
}
