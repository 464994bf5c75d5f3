<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Stability;

/** How the finder stands what it offers: nothing that tips over, whatever is done about its corners, and feet only where they are needed. */
final class Standing
{
    /**
     * What designs that differ in their media alone are stood on: the first that holds each of them.
     *
     * @param  Design  $design  with any of the media
     * @param  non-empty-list<string|null>  $stands  in the order in which they are tried; null where none is chosen
     * @param  non-empty-list<Filter>  $media
     * @return array<string, string|null> by filter; those that tip over on all of them are left out
     */
    public static function of(Design $design, array $stands, array $media): array
    {
        $standing = [];
        foreach ($stands as $stand) {
            $left = array_filter($media, fn (Filter $filter): bool => ! array_key_exists($filter->id, $standing));
            $stable = $left === [] ? [] : self::stable($stand === null ? $design : $design->choosing(Footing::OPTION, $stand), $left);
            $standing += array_fill_keys($stable, $stand);
        }

        return $standing;
    }

    /** Whether a design stands on what the finder would stand it on. */
    public static function isRight(Design $design): bool
    {
        $mayChoose = Footing::mayBeChosen($design->shape);
        $standing = self::of($design, $mayChoose ? Footing::SEARCHED : [null], [$design->filter]);

        return $standing === [$design->filter->id => $mayChoose ? $design->option(Footing::OPTION) : null];
    }

    /**
     * @param  non-empty-array<Filter>  $media
     * @return list<string> filters with which a design does not tip over
     */
    private static function stable(Design $design, array $media): array
    {
        $open = $design->made(Corners::Open, $design->joining);
        if (! $open->stand()->restsOnItsFoot()) {
            return array_values(array_map(fn (Filter $filter): string => $filter->id, $media));
        }
        foreach (Range::CORNERS as $corners) {
            if (! $corners->areNeedless($open)) {
                $made = $design->made($corners, $design->joining);
                $stability = Stability::of($made, $made->solids());
                $media = array_filter($media, fn (Filter $filter): bool => $stability->tipping(Stability::filters($made->with(filter: $filter))) >= Measurements::LEAST_TIPPING);
            }
        }

        return array_values(array_map(fn (Filter $filter): string => $filter->id, $media));
    }
}
