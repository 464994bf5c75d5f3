<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Shape\FilterFace;

/** Faces that are alike and so carry the same flow. */
final readonly class FaceBank
{
    /**
     * @param  string  $kind  of the faces
     * @param  non-empty-list<string>  $ids  of the faces
     * @param  non-empty-list<Layer>  $layers  of each face
     * @param  PressureLaw  $law  of the flow through one face, in the air it moves
     */
    private function __construct(public string $kind, public array $ids, public array $layers, private PressureLaw $law)
    {
    }

    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @return non-empty-list<self>
     */
    public static function of(array $faces, Air $air): array
    {
        $alike = [];
        foreach ($faces as $face) {
            $alike[$face->kind][] = $face;
        }

        return array_values(array_map(fn (array $group): self => new self(
            $group[0]->kind,
            array_map(fn (FilterFace $face): string => $face->id, $group),
            $group[0]->layers,
            self::law($group[0]->layers, $air),
        ), $alike));
    }

    /**
     * Flow through one face.
     *
     * @param  float  $pressure  Pa across it
     * @return float m3/s
     */
    public function flow(float $pressure): float
    {
        return $this->law->velocity($pressure);
    }

    /**
     * Flow through all faces of the bank.
     *
     * @return float m3/s
     */
    public function total(float $pressure): float
    {
        return count($this->ids) * $this->law->velocity($pressure);
    }

    /**
     * Clean air of all faces of the bank: flow through each, what it catches, number of faces.
     *
     * @param  float  $flow  through one face, m3/s
     * @param  PerBin  $efficiency  at that flow
     * @return PerBin m3/s
     */
    public function cleanAir(float $flow, PerBin $efficiency): PerBin
    {
        return $efficiency->scaled($flow * count($this->ids));
    }

    /**
     * Share that one face catches: the penetrations of its layers multiply, each at its own velocity.
     *
     * @param  float  $flow  through one face, m3/s
     */
    public function efficiency(float $flow): PerBin
    {
        $first = $this->layers[0]->efficiency->at($flow / $this->layers[0]->netArea);
        if (count($this->layers) === 1) {
            return $first;
        }
        $penetration = PerBin::same(1.0);
        foreach ($this->layers as $layer) {
            $penetration = $penetration->times($layer->efficiency->at($flow / $layer->netArea)->map(fn (float $share): float => 1.0 - $share));
        }

        return $penetration->map(fn (float $share): float => 1.0 - $share);
    }

    /**
     * The same with other figures than the rated ones.
     *
     * @param  float  $drop  factor on the pressure drop
     * @param  float  $lnPenetration  factor on the logarithm of the penetration
     */
    public function varied(float $drop, float $lnPenetration): self
    {
        return new self($this->kind, $this->ids, array_map(fn (Layer $layer): Layer => $layer->varied($drop, $lnPenetration), $this->layers), $this->law->scaled($drop));
    }

    /**
     * The same with dust in its layers.
     *
     * @param  list<float>  $shares  of each layer's capacity for that dust, zero or more
     */
    public function loaded(array $shares, Air $air): self
    {
        $layers = array_map(fn (Layer $layer, float $share): Layer => $layer->loaded($share), $this->layers, $shares);

        return new self($this->kind, $this->ids, $layers, self::law($layers, $air));
    }

    /**
     * What one face catches of each bin, layer by layer.
     *
     * @param  float  $flow  through one face, m3/s
     * @return list<PerBin> of all that comes in
     */
    public function caughtByLayer(float $flow): array
    {
        $left = PerBin::same(1.0);
        $caught = [];
        foreach ($this->layers as $layer) {
            $efficiency = $layer->efficiency->at($flow / $layer->netArea);
            $caught[] = $left->times($efficiency);
            $left = $left->times($efficiency->map(fn (float $share): float => 1.0 - $share));
        }

        return $caught;
    }

    /** The layer that runs fastest against its rating. */
    public function hardestLayer(): Layer
    {
        $hardest = $this->layers[0];
        foreach ($this->layers as $layer) {
            if ($layer->netArea * $layer->ratedVelocity < $hardest->netArea * $hardest->ratedVelocity) {
                $hardest = $layer;
            }
        }

        return $hardest;
    }

    /** @param  non-empty-list<Layer>  $layers */
    private static function law(array $layers, Air $air): PressureLaw
    {
        return PressureLaw::ofFlowThrough(array_map(fn (Layer $layer): array => [$layer->law->in($air), $layer->netArea], $layers));
    }
}
