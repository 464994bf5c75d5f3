<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** The ways of the air that a scene does not tell: one at every filter face, and one where the seams leak. */
final class Streams
{
    /** How far from a part a stream begins and ends, m. */
    private const FAR = 0.3;

    private const NEAR = 0.07;

    /** Of the smaller stream at a leak. */
    private const FAR_LEAK = 0.2;

    private const NEAR_LEAK = 0.02;

    /** @return list<Arrow> those of the scene, and those that it lacks */
    public static function of(Scene $scene): array
    {
        $arrows = $scene->arrows;
        $told = array_map(fn (Arrow $arrow): string => $arrow->part, $arrows);
        $isPulling = array_filter($arrows, fn (Arrow $arrow): bool => $arrow->part === 'fan' && $arrow->kind === 'intake') === [];
        [$low, $high] = $scene->reach();
        $middle = $low->towards($high, 0.5);
        $parts = array_unique(array_map(fn (Solid $solid): string => $solid->part, $scene->solids));
        foreach ($parts as $part) {
            if (preg_match('/^face-\d+$/', $part) === 1 && ! in_array($part, $told, true)) {
                $arrow = self::atFace($scene->part($part), $part, $middle, $isPulling);
                $arrows = $arrow === null ? $arrows : [...$arrows, $arrow];
            }
        }
        foreach ($scene->anchors as $anchor) {
            if ($anchor->part === 'seam' && ! in_array('seam', $told, true)) {
                $outwards = self::unit(new Point($anchor->at->x - $middle->x, $anchor->at->y - $middle->y, 0.0));
                $arrows[] = self::between('seam', 'bypass', $anchor->at, $outwards, self::FAR_LEAK, self::NEAR_LEAK, $isPulling);
            }
        }

        return $arrows;
    }

    /** Square to the largest side of the face that looks away from the middle of the unit. */
    private static function atFace(Scene $part, string $name, Point $middle, bool $isPulling): ?Arrow
    {
        [$low, $high] = $part->reach();
        $at = $low->towards($high, 0.5);
        $away = $at->minus($middle);
        $best = null;
        $most = 0.0;
        foreach ($part->solids as $solid) {
            foreach ($solid->faces() as $face) {
                $score = $face->normal()->dot($away);
                if ($score > $most) {
                    $most = $score;
                    $best = $face;
                }
            }
        }

        return $best === null ? null : self::between($name, $isPulling ? 'intake' : 'outlet', $best->middle(), self::unit($best->normal()), self::FAR, self::NEAR, $isPulling);
    }

    private static function between(string $part, string $kind, Point $at, Point $outwards, float $far, float $near, bool $isInwards): Arrow
    {
        [$outer, $inner] = [$at->plus($outwards->scaled($far)), $at->plus($outwards->scaled($near))];

        return $isInwards ? new Arrow($part, $kind, $outer, $inner) : new Arrow($part, $kind, $inner, $outer);
    }

    private static function unit(Point $direction): Point
    {
        $length = sqrt($direction->dot($direction));

        return $length < 1e-9 ? new Point(0.0, -1.0, 0.0) : $direction->scaled(1.0 / $length);
    }
}
