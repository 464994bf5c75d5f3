<?php

namespace App\Http\Programme;

use App\Actions\Assess;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomPage', description: 'Rooms of a site, a page of them')]
final readonly class RoomPageData
{
    /** Cards of a site that are shown at once. */
    public const PER_PAGE = 24;

    /** @param  list<RoomCardData>  $rooms */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: RoomCardData::class))] public array $rooms,
        #[OA\Property(description: 'Whether there are more')] public bool $has_more,
    ) {
    }

    /** @param  int  $after  number of the room before them; 0 for the first */
    public static function of(Programme $programme, Site $site, Assess $assess, int $after): self
    {
        $ids = self::ids($site->id, $after, self::PER_PAGE + 1);
        $longest = self::longest($programme);
        $rooms = [];
        foreach ($assess->rooms($programme, array_slice($ids, 0, self::PER_PAGE)) as $id => $assessment) {
            $rooms[] = RoomCardData::of($id, $assessment, $longest);
        }

        return new self($rooms, count($ids) > self::PER_PAGE);
    }

    /** @return list<int> of a site, in the order they were added */
    public static function ids(int $site, int $after, int $most): array
    {
        $rooms = Room::query()->where('site_id', $site)->where('id', '>', $after);
        $rooms->orderBy('id')->limit($most);

        /** @var list<int> */
        return $rooms->pluck('id')->all();
    }

    /** Longest side of a room, m: all cards of a programme are drawn to one scale. */
    public static function longest(Programme $programme): float
    {
        $rooms = Room::query();
        $rooms->join('sites', 'sites.id', 'rooms.site_id')->where('sites.programme_id', $programme->id);

        return max(1.0, (float) $rooms->toBase()->selectRaw('MAX(GREATEST(rooms.length_m, rooms.width_m)) as longest')->value('longest'));
    }
}
