<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;

/** A way for air past the filters that is not a seam. */
final readonly class Opening
{
    /** @param  float  $area m2 */
    public function __construct(public LeakKind $kind, public string $name, public float $area)
    {
    }

    /**
     * Back through the housings of some fans, by what is done about their corners.
     *
     * @param  int  $fans  1 or more
     */
    public static function recirculation(Corners $corners, Fan $fan, int $fans = 1): self
    {
        return new self(
            LeakKind::Recirculation,
            $fans === 1 ? 'Back through the fan’s corners' : 'Back through the fans’ corners',
            $fans * $corners->recirculation($fan),
        );
    }
}
