<?php

namespace App\Http\Shared;

use Jornel\Core\Plan\DrawnCorner;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Corner', description: 'A corner of the floor as it was drawn, with the wall that begins there')]
final readonly class CornerData
{
    private function __construct(
        #[OA\Property(description: 'm, to the right')] public float $x,
        #[OA\Property(description: 'm, away from the viewer')] public float $y,
        #[OA\Property(description: 'Of the ceiling over it, where it is not that of the room')] public string $height,
        #[OA\Property(description: 'Whether the length of its wall was read off a tape')] public bool $taped,
    ) {
    }

    public static function drawn(DrawnCorner $corner): self
    {
        return new self($corner->x, $corner->y, $corner->height, $corner->taped);
    }

    public function corner(): DrawnCorner
    {
        return new DrawnCorner($this->x, $this->y, $this->height, $this->taped);
    }

    /** @param  array<mixed>  $row */
    public static function of(array $row): self
    {
        $number = fn (string $field): float => is_numeric($row[$field] ?? null) ? (float) $row[$field] : 0.0;

        return new self($number('x'), $number('y'), is_scalar($row['height'] ?? null) ? (string) $row['height'] : '', ($row['taped'] ?? false) === true);
    }
}
