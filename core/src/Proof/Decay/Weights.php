<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

/** How much each reading of a decay counts. */
enum Weights: string
{
    /** All alike. */
    case None = 'none';
    /** As sure as a low-cost particle meter is: 1 / (s0^2 + (r C)^2), C the fitted value. */
    case Meter = 'meter';

    /** Scatter of a low-cost meter in clean air, µg/m3 (assumed). */
    public const FLOOR = 1.0;

    /** Its scatter as a share of what it reads (assumed). */
    public const SHARE = 0.05;

    /** @return float weight of a reading where the fitted value is so many µg/m3 */
    public function at(float $fitted): float
    {
        return $this === self::None ? 1.0 : 1.0 / (self::FLOOR ** 2 + (self::SHARE * $fitted) ** 2);
    }
}
