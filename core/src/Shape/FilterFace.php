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
     * @param  bool  $isDoubled  whether two filters of a design stand one behind the other
     */
    private function __construct(public string $id, public string $kind, public array $layers, private bool $isDoubled = false)
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

    /** Two filters of a design one behind the other. */
    public static function doubled(string $id, Design $design): self
    {
        $layer = Layer::of($design->filter, $design->filter->netArea())->loaded($design->load);

        return new self($id, 'two alike', [$layer, $layer], true);
    }

    /** The same face of a design that differs in the media of its filters alone. */
    public function ofMedia(Design $design): self
    {
        return $this->isDoubled ? self::doubled($this->id, $design) : self::of($this->id, $design, $this->layers[count($this->layers) - 1]->netArea);
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
