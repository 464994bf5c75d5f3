<?php

namespace App\Http\Proof;

use App\Models\Meter;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Meter')]
final readonly class MeterData
{
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['pm25', 'air-speed', 'level', 'power', 'outdoors'])] public string $tells,
        #[OA\Property(enum: ['http', 'folder', 'stand-in'])] public string $driver,
        #[OA\Property] public string $address,
        #[OA\Property(nullable: true, description: 'Where its files are dropped')] public ?string $folder,
    ) {
    }

    public static function of(Meter $meter): self
    {
        return new self($meter->id, $meter->name, $meter->tells->value, $meter->driver, $meter->address, $meter->driver === 'folder' ? "var/meters/{$meter->folder()}" : null);
    }
}
