<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Jornel\Core\Geometry\PlanePoint;

/** A kind of sheet to cut from: so many of it are there, or as many as are wanted can be bought. */
final readonly class StockSheet
{
    /**
     * @param  float  $width  m
     * @param  float  $height  m
     * @param  int|null  $count  that are there; null for one that is bought
     * @param  list<non-empty-list<PlanePoint>>  $forbidden  zones that no part may touch, m, anticlockwise
     * @param  string  $material  what it is; empty for one that is good for every part
     * @param  int  $price  of one that is bought, hundredths
     */
    public function __construct(
        public string $id,
        public float $width,
        public float $height,
        public ?int $count = 1,
        public Grain $grain = Grain::None,
        public array $forbidden = [],
        public string $material = '',
        public int $price = 0,
    ) {
    }

    /** Tells it from all other kinds, even of one name. */
    public function key(): string
    {
        return sprintf('%s %s %.6f %.6f', $this->id, $this->isBought() ? 'bought' : 'there', $this->width, $this->height);
    }

    public function isBought(): bool
    {
        return $this->count === null;
    }

    public function takes(Piece $piece): bool
    {
        return $this->material === '' || $piece->material === '' || $this->material === $piece->material;
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->width * $this->height;
    }
}
