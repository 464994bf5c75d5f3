<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A box of four walls with a fan on top: which way the fan sits, and what both make together. */
final class BoxFan
{
    /** @throws DoesNotFit */
    public static function of(Design $design, BoxTop $top): FanMount
    {
        return FanInCarton::isChosen($design) ? FanInCarton::of($design, $top) : FanOnTop::of($design, $top);
    }

    /**
     * @param  string  $base  what the walls stand on, as a seam is named
     * @param  float|null  $baseGap  mean open width under the walls where they only rest there, m
     * @param  non-empty-list<FilterFace>  $faces
     * @param  list<Panel>  $below  sheets under the walls
     * @param  array<string, int>  $hardware  besides that of the fan
     */
    public static function assembly(FourWalls $walls, FanMount $fan, string $base, ?float $baseGap, array $faces, array $below, array $hardware = []): Assembly
    {
        return new Assembly(
            faces: $faces,
            seams: [...$walls->seams($base, $baseGap), ...$fan->seams()],
            openings: $fan->openings(),
            panels: [...$below, ...$fan->panels()],
            throttle: $fan->throttle(),
            remarks: [...$walls->remarks(), ...$fan->remarks()],
            hardware: $hardware + $fan->hardware(),
            lengths: $fan->lengths(),
            fastened: FourWalls::TACKS,
        );
    }
}
