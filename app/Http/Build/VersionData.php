<?php

namespace App\Http\Build;

use App\Http\Shared\ChoicesData;
use App\Http\Shared\Shown;
use App\Models\Version;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Version', description: 'One saved state of a build')]
final readonly class VersionData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public int $number,
        #[OA\Property] public ChoicesData $choices,
        #[OA\Property] public Shown $clean_air,
        #[OA\Property] public Shown $asks,
        #[OA\Property] public int $units,
        #[OA\Property] public int $units_needed,
        #[OA\Property(enum: ['meets', 'warns', 'short'])] public string $standing,
        #[OA\Property(nullable: true, description: 'To reach the goal, in words; null where it was saved before chances were told')] public ?Shown $chance,
        #[OA\Property(description: 'ISO 8601')] public string $saved_at,
        #[OA\Property(nullable: true, description: 'Who saved it')] public ?string $saved_by,
    ) {
    }

    public static function of(Version $version): self
    {
        return new self(
            $version->id, $version->number, ChoicesData::of($version->choices),
            Shown::of(Display::Flow, (float) $version->clean_air_m3_s), Shown::of(Display::Flow, (float) $version->asks_m3_s),
            $version->units, $version->units_needed, $version->standing, $version->chance === null ? null : Shown::of(Display::Chance, (float) $version->chance), $version->created_at->toIso8601String(), $version->person?->name,
        );
    }
}
