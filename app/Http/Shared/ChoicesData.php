<?php

namespace App\Http\Shared;

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
        #[OA\Property(description: 'A coarser one in front of each filter; empty for none')] public string $prefilter,
        #[OA\Property(enum: ['', 'pull', 'push'], description: 'Empty for the shape’s usual one')] public string $direction,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'Of the shape, by id')] public object $options,
        #[OA\Property(minimum: 1)] public int $units,
        #[OA\Property(description: 'Name of the speed to judge; empty for the fastest that keeps to the noise limit')] public string $speed,
    ) {
    }

    /** @param  array{shape: string, fan: string, filter: string, joining: string, corners: string, units: int, speed: string, prefilter?: string, direction?: string, options?: array<string, string>}  $choices */
    public static function of(array $choices): self
    {
        return new self($choices['shape'], $choices['fan'], $choices['filter'], $choices['joining'], $choices['corners'], $choices['prefilter'] ?? '', $choices['direction'] ?? '', (object) ($choices['options'] ?? []), $choices['units'], $choices['speed']);
    }
}
