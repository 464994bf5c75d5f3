<?php

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Choices', description: 'A unit as it is chosen, by ids')]
final readonly class ChoicesData
{
    private function __construct(
        #[OA\Property] public string $shape,
        #[OA\Property] public string $fan,
        #[OA\Property] public string $filter,
        #[OA\Property] public string $joining,
        #[OA\Property(enum: ['open', 'taped', 'shroud'])] public string $corners,
        #[OA\Property(minimum: 1)] public int $units,
        #[OA\Property(description: 'Name of the speed to judge; empty for the fastest that keeps to the noise limit')] public string $speed,
    ) {
    }

    /** @param  array{shape: string, fan: string, filter: string, joining: string, corners: string, units: int, speed: string}  $choices */
    public static function of(array $choices): self
    {
        return new self($choices['shape'], $choices['fan'], $choices['filter'], $choices['joining'], $choices['corners'], $choices['units'], $choices['speed']);
    }
}
