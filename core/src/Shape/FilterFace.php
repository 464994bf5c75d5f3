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
     * @param  float  $workingShare  of the filter's net face: what lies far from the hole of a collar does no work; above 0, at most 1
     */
    private function __construct(public string $id, public string $kind, public array $layers, public float $workingShare = 1.0)
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
     * A whole filter behind the blade circle of its fan, of which as much works as air reaches from the hole.
     *
     * @param  float  $gap  between the hole and the filter, m, zero or more
     * @param  bool  $isDouble  whether two filters alike lie one behind the other
     */
    public static function behindHole(string $id, Design $design, float $gap, bool $isDouble = false): self
    {
        $filter = $design->filter;
        $whole = $filter->netArea();
        // Pleats stand upright.
        $works = FaceReach::area($design->fan->body->bladeCircle, $gap, $filter->depth, $filter->height - 2.0 * $filter->rim, $filter->width - 2.0 * $filter->rim);
        $layer = Layer::of($filter, $works)->loaded($design->load);
        $layers = match (true) {
            $isDouble => [$layer, $layer],
            $design->prefilter !== null => [Layer::of($design->prefilter, $design->prefilter->netArea() * $works / $whole)->loaded($design->load), $layer],
            default => [$layer],
        };

        return new self($id, $isDouble ? "{$works} twice" : (string) $works, $layers, $works / $whole);
    }

    /** The same face of a design with other media of the same size. */
    public function refitted(Design $design): self
    {
        $layers = [];
        foreach ($this->layers as $number => $layer) {
            $layers[] = $number === 0 && $design->prefilter !== null ? $layer : Layer::of($design->filter, $layer->netArea)->loaded($design->load);
        }

        return new self($this->id, $this->kind, $layers, $this->workingShare);
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
