<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\PerBin;

/** What goes through one face. */
final readonly class FaceFlow
{
    /**
     * @param  string  $kind  faces of the same kind carry the same
     * @param  float  $flow  m3/s
     * @param  float  $velocity  over the net face, m/s
     * @param  float  $hardestVelocity  over the layer that runs fastest against its rating, m/s
     * @param  float  $ratedVelocity  of that layer, m/s
     * @param  PerBin  $efficiency  at that velocity, 0 to 1
     */
    public function __construct(
        public string $id,
        public string $kind,
        public float $flow,
        public float $velocity,
        public float $hardestVelocity,
        public float $ratedVelocity,
        public PerBin $efficiency,
    ) {
    }

    public function isWithinRating(): bool
    {
        return $this->hardestVelocity <= $this->ratedVelocity;
    }
}
