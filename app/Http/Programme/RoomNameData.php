<?php

namespace App\Http\Programme;

use App\Models\Room;
use App\Models\Site;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomName')]
final readonly class RoomNameData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
    ) {
    }

    public static function of(Room $room): self
    {
        return new self($room->id, $room->name);
    }

    /** @return list<self> */
    public static function ofSite(Site $site): array
    {
        $names = [];
        foreach ($site->rooms()->pluck('name', 'id') as $id => $name) {
            $names[] = new self((int) $id, (string) $name);
        }

        return $names;
    }
}
