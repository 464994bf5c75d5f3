<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** The usual order of making a cube (common practice, no source). */
final class CubeSteps
{
    /** @return non-empty-list<Step> */
    public static function of(Design $design, Step $base): array
    {
        $joining = mb_strtolower($design->joining->name);
        $minutes = $design->joining->minutesPerSeam;
        $cuts = array_map(fn (Panel $panel): string => mb_strtolower($panel->name), $design->assemble()->panels);

        return array_values(array_filter([
            $cuts === [] ? null : new Step('Cut '.implode(' and ', $cuts).' from the cartons to the sizes on this sheet.', 'Cut parts first: the filters then go together in one go.', 4.0 + 3.0 * count($cuts)),
            new Step('Lay two filters on the bench, arrows pointing into the box, pleats upright.', 'The fan pulls, so air must pass every filter the way its arrow points; upright pleats shed dust.', 2.0, 'Arrows of all filters point into the box'),
            new Step('Set the four filters up as a pinwheel, each overlapping the next, and tack the corners.', 'Alternating them two and two makes a rectangle that a square fan does not cover.', 5.0),
            new Step('Square up: measure both diagonals across the top.', 'A box out of square leaves gaps under fan and base.', 2.0, 'Diagonals equal within 1/8 in'),
            new Step('Run the fan once, draw an arrow on its housing the way it blows, and test-fit it on the box.', 'A fan on backwards blows dust out through the filters.', 3.0, 'Fan’s arrow drawn, fan fits'),
            $base,
            new Step("Close every upright seam with {$joining} from end to end and press it flat.", 'Each open seam lets air in past the filters.', 2.0 + 4.0 * $minutes, 'All seams pressed'),
            $design->corners === Corners::Taped ? new Step('Tape corner pieces over every gap that the fan’s rounded corners will leave.', 'Through open corners the fan draws air that no filter has cleaned.', 4.0) : null,
            new Step("Set the fan on top, arrow up, and close its four edges with {$joining}; shape the edge round the power cord.", 'A slot at the cord is an open leak.', 2.0 + 4.0 * $minutes, 'Cord slot closed'),
            match ($design->corners) {
                Corners::Open, Corners::Taped => null,
                Corners::Shroud => new Step('Centre the shroud’s hole over the blades and tape the shroud to the fan, clear of the guard.', 'It stops air from falling back through the housing’s corners.', 5.0, 'Guard on, blades free'),
            },
            new Step('Plug in and run on high; listen for clicks or rubbing.', 'Something may touch the blades.', 1.0, 'Blades free, no clicking'),
            new Step('Hold a strip of tissue along every seam and corner, then in front of each filter.', 'At a seam it must hang still; at a filter it must be drawn in.', 4.0, 'No seam draws, every filter draws'),
            new Step('Patch what draws, then label the unit with date, filters and speed.', 'Whoever looks after it must know when the filters went in.', 3.0),
        ]));
    }
}
