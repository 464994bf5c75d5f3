<?php

namespace App\Http\Programme;

use App\Http\Shared\Shown;
use App\Models\Programme;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Setting', description: 'What holds for every build of a programme, as it is written down')]
final readonly class SettingData
{
    private function __construct(
        #[OA\Property(example: 'EUR')] public string $currency,
        #[OA\Property(description: 'Money for a kilowatt hour', example: '0.30')] public string $tariff,
        #[OA\Property] public string $hours_per_day,
        #[OA\Property(description: 'Span over which costs are compared')] public string $years,
        #[OA\Property(description: 'Of filters within the span')] public string $changes,
        #[OA\Property(description: 'Empty where it is not told')] public string $altitude,
        #[OA\Property(description: 'Empty where it is not told')] public string $temperature,
        #[OA\Property(description: 'Of the air that units move')] public Shown $density,
        #[OA\Property(description: 'Grows with every change; send it back to change them')] public int $revision,
    ) {
    }

    public static function of(Programme $programme): self
    {
        $plain = fn (string $decimal): string => str_contains($decimal, '.') ? rtrim(rtrim($decimal, '0'), '.') : $decimal;

        return new self(
            $programme->currency, $plain($programme->tariff), $plain($programme->hours_per_day), $plain($programme->years), (string) $programme->filter_changes,
            $programme->altitude_entry, $programme->temperature_entry, Shown::of(Display::Density, $programme->air()->density), $programme->revision,
        );
    }
}
