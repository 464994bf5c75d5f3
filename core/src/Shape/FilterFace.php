<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Filter;
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
     * A single framed filter.
     *
     * @param  float  $netWidth  m, inside rims and what neighbours cover
     * @param  float  $netHeight  m
     */
    public static function of(string $id, Filter $filter, float $netWidth, float $netHeight): self
    {
        return new self($id, "{$filter->id} {$netWidth} {$netHeight}", [
            new Layer($netWidth * $netHeight, $filter->pressureLaw, $filter->efficiency, $filter->ratedVelocity),
        ]);
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
