<?php

namespace App\Http\Programme;

use App\Models\Room;
use App\Models\Site;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Site')]
final readonly class SiteData
{
    /** @param  list<RoomCardData>  $rooms */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(items: new OA\Items(ref: RoomCardData::class))] public array $rooms,
    ) {
    }

    /** @param  callable(Room): RoomCardData  $card */
    public static function of(Site $site, callable $card): self
    {
        return new self($site->id, $site->name, array_values($site->rooms->map($card)->all()));
    }
}
