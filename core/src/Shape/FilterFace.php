<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Layer;

/** One face through which air enters, with the layers of media it passes one after the other. */
final readonly class FilterFace
{
    /**
     * @param  string  $id  the part in the scene that it is
     * @param  string  $kind  faces of the same kind have the same layers
     * @param  non-empty-list<Layer>  $layers  the first that the air meets first
     */
    private function __construct(public string $id, public string $kind, public array $layers)
    {
    }

    /**
     * A face of a design's filters, of which so much is open.
     *
     * @param  float  $netArea  m2, inside rims and what neighbours cover
     */
    public static function of(string $id, Design $design, float $netArea): self
    {
        return new self($id, (string) $netArea, $design->layers($netArea));
    }

    /**
     * Several alike, numbered from one on.
     *
     * @return non-empty-list<self>
     */
    public static function alike(int $count, Design $design, float $netArea): array
    {
        return array_map(fn (int $number): self => self::of("face-{$number}", $design, $netArea), range(1, max(1, $count)));
    }

    /**
     * Layers in series, given as such.
     *
     * @param  non-empty-list<Layer>  $layers
     */
    public static function stacked(string $id, string $kind, array $layers): self
    {
        return new self($id, $kind, $layers);
    }

    /**
     * Area of the layer that the air meets first, over which the face velocity is told.
     *
     * @return float m2
     */
    public function netArea(): float
    {
        return $this->layers[0]->netArea;
    }
}
