<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\Measurements;

/** Whether the finder may offer a design as it is stood: nothing that tips over, and feet only where they are needed. */
final class Standing
{
    /** Answers that are kept at most. */
    private const MOST_KNOWN = 50_000;

    /** Whatever is done about its corners. */
    public static function isRight(Design $design): bool
    {
        if (! self::isSafe($design)) {
            return false;
        }

        return Footing::of($design) === null || ! self::isSafe($design->choosing(Footing::OPTION, 'alone'));
    }

    private static function isSafe(Design $design): bool
    {
        $open = $design->made(Corners::Open, $design->joining);
        foreach (Range::CORNERS as $corners) {
            if (! $corners->areNeedless($open) && self::tips($open, $corners)) {
                return false;
            }
        }

        return true;
    }

    private static function tips(Design $design, Corners $corners): bool
    {
        /** @var array<string, bool> $known  designs with and without feet ask for the same */
        static $known = [];
        $key = implode(' ', [
            $design->shape->id(), http_build_query($design->options), serialize($design->fan->body), $design->fan->mass, $design->filter->geometry(), $design->filter->mass,
            $design->prefilter?->geometry(), $design->prefilter?->mass, $corners->value,
        ]);

        if (count($known) > self::MOST_KNOWN) {
            $known = [];
        }

        return $known[$key] ??= Measurements::of($design->made($corners, $design->joining))->tipsOver();
    }
}
