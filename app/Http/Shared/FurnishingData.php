<?php

namespace App\Http\Shared;

use Jornel\Core\Plan\DrawnThing;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Furnishing', description: 'Something on the plan of a room as it was put there')]
final readonly class FurnishingData
{
    private function __construct(
        #[OA\Property(enum: ['built-in', 'door', 'window', 'outlet', 'seat', 'appliance', 'unit'])] public string $kind,
        #[OA\Property(description: 'Of its middle, m')] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property(description: 'Empty for the usual size of its kind')] public string $width,
        #[OA\Property] public string $depth,
        #[OA\Property] public string $height,
        #[OA\Property(description: 'Of a door: number of the room behind it; empty for outdoors or what is not drawn')] public string $leads_to,
    ) {
    }

    public static function drawn(DrawnThing $thing): self
    {
        return new self($thing->kind, $thing->x, $thing->y, $thing->width, $thing->depth, $thing->height, $thing->leadsTo);
    }

    public function thing(): DrawnThing
    {
        return new DrawnThing($this->kind, $this->x, $this->y, $this->width, $this->depth, $this->height, $this->leads_to);
    }

    /** @param  array<mixed>  $row */
    public static function of(array $row): self
    {
        $text = fn (string $field): string => is_scalar($row[$field] ?? null) ? (string) $row[$field] : '';

        return new self($text('kind'), (float) $text('x'), (float) $text('y'), $text('width'), $text('depth'), $text('height'), $text('leads_to'));
    }
}
