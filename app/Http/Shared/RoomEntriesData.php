<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomEntries', description: 'A room as it is written down')]
final readonly class RoomEntriesData
{
    /**
     * @param  list<CornerData>  $outline
     * @param  list<FurnishingData>  $furnishings
     */
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $use,
        #[OA\Property(example: '27\' 6"')] public string $length,
        #[OA\Property(example: '8.4 m')] public string $width,
        #[OA\Property] public string $height,
        #[OA\Property] public string $people,
        #[OA\Property] public string $pollutant,
        #[OA\Property(description: 'Empty for none')] public string $noise_limit,
        #[OA\Property] public bool $has_fuel_burning,
        #[OA\Property(description: 'Concentration outdoors at worst; empty where it is not told')] public string $outdoor,
        #[OA\Property(enum: ['tight', 'ordinary', 'leaky'])] public string $leakiness,
        #[OA\Property(description: 'Outdoor air that the building brings in; empty for none')] public string $ventilation,
        #[OA\Property(description: 'Room air that passes a central filter; empty for none')] public string $central,
        #[OA\Property(description: 'Of the central filter; empty for none')] public string $central_grade,
        #[OA\Property(description: 'Outdoor air that a fan blows in through a filter; empty for none')] public string $supply,
        #[OA\Property(description: 'Of that filter; empty for none')] public string $supply_grade,
        #[OA\Property(description: 'Air that a fan blows out of the room; empty for none')] public string $exhaust,
        #[OA\Property(items: new OA\Items(ref: CornerData::class), description: 'Corners of what is no plain rectangle; empty for one of length and width')] public array $outline,
        #[OA\Property(items: new OA\Items(ref: FurnishingData::class))] public array $furnishings,
    ) {
    }

    /** @param  array<string, mixed>  $entries */
    public static function of(array $entries): self
    {
        $text = fn (string $field): string => is_scalar($entries[$field] ?? null) ? (string) $entries[$field] : '';

        return new self(
            $text('name'), $text('use'), $text('length'), $text('width'), $text('height'), $text('people'),
            $text('pollutant'), $text('noise_limit'), ($entries['has_fuel_burning'] ?? false) === true,
            $text('outdoor'), $text('leakiness') ?: 'ordinary', $text('ventilation'), $text('central'), $text('central_grade'), $text('supply'), $text('supply_grade'), $text('exhaust'),
            array_map(CornerData::of(...), self::rows($entries, 'outline')), array_map(FurnishingData::of(...), self::rows($entries, 'furnishings')),
        );
    }

    /**
     * @param  array<string, mixed>  $entries
     * @return list<array<mixed>>
     */
    private static function rows(array $entries, string $field): array
    {
        return array_values(array_filter(is_array($entries[$field] ?? null) ? $entries[$field] : [], is_array(...)));
    }
}
