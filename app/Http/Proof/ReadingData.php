<?php

namespace App\Http\Proof;

use App\Models\Reading;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Reading', description: 'One thing that was read or seen; never changed, another may replace it')]
final readonly class ReadingData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $place,
        #[OA\Property(description: 'As it was entered')] public string $entered,
        #[OA\Property(enum: ['typed', 'file', 'phone', 'meter'])] public string $source,
        #[OA\Property(nullable: true, description: 'Name of the meter that told it')] public ?string $meter,
        #[OA\Property] public string $by,
        #[OA\Property(description: 'Milliseconds since 1970')] public int $at,
        #[OA\Property(nullable: true, description: 'Reading that it replaces')] public ?int $replaces,
        #[OA\Property(nullable: true, description: 'Photo of the unit that shows the place')] public ?int $photo,
    ) {
    }

    public static function of(Reading $reading): self
    {
        return new self($reading->id, $reading->place, $reading->entered, $reading->source->value, $reading->meter, $reading->person->name ?? '', (int) $reading->told_at->valueOf(), $reading->replaces_id, is_int($reading->detail['photo'] ?? null) ? $reading->detail['photo'] : null);
    }
}
