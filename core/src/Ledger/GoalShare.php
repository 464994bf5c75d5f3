<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

/** How far some clean air goes towards what a goal asks for. */
final class GoalShare
{
    /** Told for any flow where the goal asks nothing: more than enough. */
    private const AMPLE = 4.0 / 3.0;

    /**
     * @param  float  $flow  clean air, m3/s
     * @param  float  $asks  m3/s; infinite where no amount is enough
     * @return float 1 where it is just enough
     */
    public static function of(float $flow, float $asks): float
    {
        return $asks > 0.0 ? $flow / $asks : self::AMPLE;
    }
}
