<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

use Closure;
use Jornel\Core\Part\Fan;

/** A fan's body; its blades are seen from the outlet, or through the hole of the shroud that lies over it. */
final class FanSolid
{
    private const BLADES = 5;

    private const GUARD_RINGS = 3;

    /**
     * @param  Frame  $seat  origin at the middle of the body's inlet side; the normal is the way of the air
     * @param  bool  $isCovered  whether a shroud lies over its outlet, through whose hole the blades are seen
     */
    public static function of(Fan $fan, Frame $seat, bool $isCovered): Solid
    {
        $outlet = $seat->movedTo($seat->origin->plus($seat->normal()->scaled($fan->body->depth)));

        $half = $fan->body->side / 2.0;

        $radius = $fan->body->isRound() ? $half : min($half, $fan->body->cornerRadius);
        $area = $fan->body->side ** 2 - (4.0 - M_PI) * $radius ** 2;

        return Solid::prismWithin(
            'fan', 'fan', fn (): array => self::outline($fan, $seat), [$seat->at(-$half, -$half), $seat->at($half, $half)], $seat->normal()->scaled($fan->body->depth),
            $isCovered ? [] : self::rotor($fan, $outlet), [$area * $fan->body->depth, $seat->origin->towards($outlet->origin, 0.5)],
        );
    }

    /**
     * Opening, blades, hub and guard, as they are seen through a hole of the blade circle.
     *
     * @param  Frame  $frame  origin at the middle
     * @return Closure(): list<Mark>
     */
    public static function rotor(Fan $fan, Frame $frame): Closure
    {
        return fn (): array => self::drawn($fan, $frame);
    }

    /** @return list<Mark> */
    private static function drawn(Fan $fan, Frame $frame): array
    {
        $radius = $fan->body->bladeCircle / 2.0;
        $ring = fn (string $kind, float $share): Mark => Mark::circle($kind, $frame, $radius * $share);
        $marks = [$ring('hole', 1.0)];
        for ($blade = 0; $blade < self::BLADES; $blade++) {
            $marks[] = self::blade($frame, $radius * 0.96, 2.0 * M_PI * $blade / self::BLADES);
        }
        $marks[] = $ring('hub', 0.2);
        for ($guard = 1; $guard <= self::GUARD_RINGS; $guard++) {
            $marks[] = $ring('guard', 0.2 + 0.8 * $guard / (self::GUARD_RINGS + 1));
        }

        return $marks;
    }

    private static function blade(Frame $frame, float $radius, float $turn): Mark
    {
        // A petal: leading edge, tip along the circle, trailing edge; radius share and angle of each corner.
        $petal = [[0.18, 0.0], [0.5, 0.02], [0.8, 0.12], [0.98, 0.3], [1.0, 0.55], [0.98, 0.85], [0.85, 0.92], [0.55, 0.78], [0.18, 0.6]];

        return new Mark('blade', array_map(
            fn (array $corner): Point => $frame->at($radius * $corner[0] * cos($turn + $corner[1]), $radius * $corner[0] * sin($turn + $corner[1])),
            $petal,
        ), true);
    }

    /** @return non-empty-list<Point> */
    private static function outline(Fan $fan, Frame $seat): array
    {
        $half = $fan->body->side / 2.0;
        $radius = $fan->body->isRound() ? $half : min($half, $fan->body->cornerRadius);
        $points = [];
        foreach ([[1, 1], [-1, 1], [-1, -1], [1, -1]] as $quarter => [$sideU, $sideV]) {
            for ($step = 0; $step <= 8; $step++) {
                $angle = M_PI / 2.0 * ($quarter + $step / 8.0);
                $points[] = $seat->at($sideU * ($half - $radius) + $radius * cos($angle), $sideV * ($half - $radius) + $radius * sin($angle));
            }
        }

        return $points;
    }
}
