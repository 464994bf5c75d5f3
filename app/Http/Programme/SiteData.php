<?php

namespace App\Http\Programme;

use App\Models\Site;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Site')]
final readonly class SiteData
{
    /**
     * @param  list<RoomCardData>  $rooms
     * @param  array<string, int>  $tally
     */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Of all its rooms')] public int $room_count,
        #[OA\Property(description: 'How many of them do how; pending where it is being worked out', type: 'object', required: ['reaches', 'probably', 'probably_not', 'falls_short', 'none', 'pending'], properties: [
            new OA\Property(property: 'reaches', type: 'integer'), new OA\Property(property: 'probably', type: 'integer'),
            new OA\Property(property: 'probably_not', type: 'integer'), new OA\Property(property: 'falls_short', type: 'integer'),
            new OA\Property(property: 'none', type: 'integer'), new OA\Property(property: 'pending', type: 'integer'),
        ])] public array $tally,
        #[OA\Property(items: new OA\Items(ref: RoomCardData::class), description: 'The first of its rooms')] public array $rooms,
    ) {
    }

    /**
     * @param  array<string, int>  $tally
     * @param  list<RoomCardData>  $rooms
     */
    public static function of(Site $site, array $tally, array $rooms): self
    {
        $told = array_combine(array_map(fn (string $outcome): string => str_replace('-', '_', $outcome), array_keys($tally)), $tally);

        return new self($site->id, $site->name, array_sum($tally), $told + ['reaches' => 0, 'probably' => 0, 'probably_not' => 0, 'falls_short' => 0, 'none' => 0, 'pending' => 0], $rooms);
    }
}
