<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Numeric\Normal;

/**
 * Whether the fan's pull alone keeps a filter where it is: friction times drop times net face against its weight. It holds only
 * as long as the fan runs. Friction of a frame on a fan is assumed, 0.5, nine times in ten from 0.3 to 0.8, so that the result is a chance.
 */
final readonly class SuctionHold
{
    private const FRICTION = 0.5;

    /** Standard deviation of the logarithm of that friction: from 0.3 to 0.8 in nine cases of ten. */
    private const SPREAD = 0.298;

    /** Standard acceleration of free fall, m/s2 (ISO 80000-3). */
    public const GRAVITY = 9.80665;

    /**
     * @param  float  $pull  drop across the filter times its net face, N; zero or below where the fan blows it off
     * @param  float  $weight  of the filter and of what lies before it, N, above 0
     * @param  float  $chance  that it does not slide down while the fan runs, 0 to 1
     */
    private function __construct(public float $pull, public float $weight, public float $chance)
    {
    }

    /**
     * @param  float  $drop  across the filters, Pa
     * @return self|null null where something else than suction holds the filters
     */
    public static function of(Design $design, float $drop): ?self
    {
        if (! $design->joining->isTrial) {
            return null;
        }
        $pull = $design->direction() === Direction::Push ? 0.0 : $drop * $design->filter->netArea();
        $weight = self::GRAVITY * ($design->filter->mass + ($design->prefilter->mass ?? 0.0));

        return new self($pull, $weight, $pull <= 0.0 ? 0.0 : Normal::below(log(self::FRICTION * $pull / $weight) / self::SPREAD));
    }
}
