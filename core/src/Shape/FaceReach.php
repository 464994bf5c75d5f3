<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/**
 * How much of a filter's face works behind a hole that lies close to it. Air spreads from the hole's edge through the gap and
 * along the pleats, but hardly across them, as a valley that does not run under the hole has no way out: the face works as far
 * as an ellipse about each point of the hole reaches, 3 (gap + pleat depth) along the pleats and 3 gap + 3/4 in across them
 * (assumed, with a wide spread).
 */
final class FaceReach
{
    /** Gap that a fan's own body leaves between its blades and what lies on its back, m: 2 in (assumed). */
    public const BODY_GAP = 0.0508;

    /** Share of a face below which the rest is said to be dead (assumed). */
    public const ENOUGH = 0.95;

    private const SPREAD = 3.0;

    /** Reach across the pleats without any gap, m: 3/4 in. */
    private const ACROSS = 0.01905;

    /** Steps of the sum over a quarter of the hole's edge. */
    private const STEPS = 180;

    /**
     * @param  float  $hole  diameter, m, above 0
     * @param  float  $gap  between the hole and the pleats, m, zero or more
     * @param  float  $depth  of the pleats, m, above 0
     * @param  float  $along  net face along the pleats, m
     * @param  float  $across  net face across them, m
     * @return float m2, at most along x across
     */
    public static function area(float $hole, float $gap, float $depth, float $along, float $across): float
    {
        /** @var array<string, float> $known  the finder asks for the same few again and again */
        static $known = [];

        return $known["{$hole} {$gap} {$depth} {$along} {$across}"] ??= self::worked($hole / 2.0, self::SPREAD * ($gap + $depth), self::SPREAD * $gap + self::ACROSS, $along / 2.0, $across / 2.0);
    }

    /** A quarter of the disc widened by the ellipse (their Minkowski sum), as far as it lies on the face, four times. */
    private static function worked(float $radius, float $a, float $b, float $x, float $y): float
    {
        $area = $from = 0.0;
        $height = min($y, $radius + $b);
        for ($step = 1; $step <= self::STEPS; $step++) {
            // The normal of the outline turns from across the pleats to along them.
            $turn = M_PI_2 * (1.0 - $step / self::STEPS);
            $length = hypot($a * cos($turn), $b * sin($turn));
            $to = min($x, ($radius + $a ** 2 / $length) * cos($turn));
            $next = min($y, ($radius + $b ** 2 / $length) * sin($turn));
            $area += ($to - $from) * ($height + $next) / 2.0;
            [$from, $height] = [$to, $next];
        }

        return 4.0 * min($area, $x * $y);
    }
}
