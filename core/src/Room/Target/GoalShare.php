<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

/** How far some clean air goes towards what a goal asks for, wherever it is told, searched or drawn. */
final class GoalShare
{
    /** Told where the goal asks nothing: more than enough, and yet a number with a logarithm. */
    private const AMPLE = 1e9;

    /** Of a bar where the goal asks nothing: filled past its mark. */
    private const FULL_BAR = 4.0 / 3.0;

    /**
     * @param  float  $given  clean air of purifiers and building together, m3/s
     * @param  float  $asks  m3/s; infinite where no amount is enough
     * @return float 1 where it is just enough
     */
    public static function of(float $given, float $asks): float
    {
        return $asks <= 0.0 ? self::AMPLE : $given / $asks;
    }

    /**
     * The same for a bar that is drawn.
     *
     * @param  float  $given  m3/s
     * @param  float  $asks  m3/s
     */
    public static function ofBar(float $given, float $asks): float
    {
        return $asks <= 0.0 ? self::FULL_BAR : self::of($given, $asks);
    }
}
