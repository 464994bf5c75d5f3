<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Purifier', description: 'A purifier that was bought, as it was written down; empty where nothing is told')]
final readonly class PurifierData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'What it is rated for', example: '140 cfm')] public string $clean_air,
        #[OA\Property(description: 'At 1 m', example: '50 dBA')] public string $level,
        #[OA\Property(example: '45 W')] public string $power,
        #[OA\Property(description: 'Of all its filters once', example: '35')] public string $refill_price,
        #[OA\Property(description: 'How long they last', example: '6')] public string $refill_months,
        #[OA\Property(example: '14 in')] public string $width,
        #[OA\Property(example: '9 in')] public string $depth,
        #[OA\Property(example: '20 in')] public string $height,
    ) {
    }

    /** @param  array<string, string>  $bought */
    public static function of(array $bought): self
    {
        $text = fn (string $field): string => $bought[$field] ?? '';

        return new self($text('name'), $text('clean_air'), $text('level'), $text('power'), $text('refill_price'), $text('refill_months'), $text('width'), $text('depth'), $text('height'));
    }
}
