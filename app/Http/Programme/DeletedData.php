<?php

namespace App\Http\Programme;

use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Deleted', description: 'What was deleted from a programme and can be brought back, the latest first')]
final readonly class DeletedData
{
    private const MOST = 200;

    /** @param  list<array{kind: string, id: int, name: string, site: string, at: string}>  $items */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['kind', 'id', 'name', 'site', 'at'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['site', 'room']), new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'site', type: 'string', description: 'Of a room'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
        ]))] public array $items,
    ) {
    }

    public static function of(Programme $programme): self
    {
        $items = [];
        $sites = Site::onlyTrashed()->where('programme_id', $programme->id);
        $sites->latest('deleted_at')->limit(self::MOST);
        foreach ($sites->get() as $site) {
            $items[] = ['kind' => 'site', 'id' => $site->id, 'name' => $site->name, 'site' => '', 'at' => (string) $site->deleted_at?->toIso8601String()];
        }
        // Those of a deleted site come back with it.
        $rooms = Room::onlyTrashed()->with('site')->whereIn('site_id', $programme->sites()->get(['id'])->modelKeys());
        $rooms->latest('deleted_at')->limit(self::MOST);
        foreach ($rooms->get() as $room) {
            $items[] = ['kind' => 'room', 'id' => $room->id, 'name' => $room->name, 'site' => $room->site->name, 'at' => (string) $room->deleted_at?->toIso8601String()];
        }
        usort($items, fn (array $one, array $other): int => $other['at'] <=> $one['at']);

        return new self($items);
    }
}
