<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\BinShares;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Shape\FilterFace;

/** Faces that are alike and so carry the same flow. */
final readonly class FaceBank
{
    /**
     * @param  non-empty-list<string>  $ids  of the faces
     * @param  non-empty-list<Layer>  $layers  of each face
     * @param  PressureLaw  $law  of the flow through one face, in the air it moves
     */
    private function __construct(public array $ids, public array $layers, private PressureLaw $law)
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
            array_map(fn (FilterFace $face): string => $face->id, $group),
            $group[0]->layers,
            PressureLaw::ofFlowThrough(array_map(fn (Layer $layer): array => [$layer->law->in($air), $layer->netArea], $group[0]->layers)),
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
     * Share that one face catches: the penetrations of its layers multiply, each at its own velocity.
     *
     * @param  float  $flow  through one face, m3/s
     */
    public function efficiency(float $flow): BinShares
    {
        $first = $this->layers[0]->efficiency->at($flow / $this->layers[0]->netArea);
        if (count($this->layers) === 1) {
            return $first;
        }
        $penetration = BinShares::same(1.0);
        foreach ($this->layers as $layer) {
            $penetration = $penetration->times($layer->efficiency->at($flow / $layer->netArea)->map(fn (float $share): float => 1.0 - $share));
        }

        return $penetration->map(fn (float $share): float => 1.0 - $share);
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
}
