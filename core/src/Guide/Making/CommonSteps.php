<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Sheet;

/** Steps that most units share (common practice, no source). */
final class CommonSteps
{
    /**
     * Cutting what the assembly says is to be cut; null where nothing is.
     *
     * @param  string  ...$besides  ids of panels that have a step of their own
     */
    public static function cut(Design $design, string ...$besides): ?Step
    {
        $assembly = $design->assemble();
        $isCut = fn (string $id, string $sheet): bool => $sheet !== Panel::FAN_CARTON && ! in_array($id, $besides, true);
        $panels = array_filter($assembly->panels, fn (Panel $panel): bool => $isCut($panel->id, $panel->sheet));
        if ($panels === []) {
            return null;
        }
        $parts = array_filter(CutList::of($design, $assembly), fn (CutPart $part): bool => $isCut($part->id, $part->material) && ! in_array($part->material, array_map(fn (Panel $one): string => $one->sheet, $assembly->cutOuts), true));
        $names = array_map(fn (CutPart $part): string => "{$part->label} {$part->name}", $parts);
        $sheet = Sheet::of($design);

        return new Step(
            sprintf('%s Parts: %s.', $sheet->cutting(), implode(', ', $names)),
            'Cut parts first: the filters then go together in one go.',
            4.0 + ($sheet->isSawn() ? 6.0 : 3.0) * count($panels),
            tools: ['tape measure', 'straightedge', $sheet->isSawn() ? 'saw' : 'knife', 'marker'],
            skill: $sheet->isSawn() ? 'sawing' : 'cutting',
        );
    }

    /** @param  string  $then  what is done with it next, a whole sentence */
    public static function fanDirection(string $then = 'Test-fit it on the box.'): Step
    {
        return new Step(
            "Run the fan once and draw an arrow on its housing the way it blows. {$then}",
            'A fan the wrong way round blows dust out through the filters.',
            3.0,
            'Fan’s arrow drawn, fan fits',
            tools: ['marker'],
        );
    }

    /**
     * Which way the arrows on the frames point: with the flow.
     *
     * @param  string  $how  the filters are set, a whole sentence
     */
    public static function arrows(Design $design, string $how): Step
    {
        $coarse = $design->prefilter === null ? '' : ' The coarse one stands where the air comes first.';

        return $design->direction() === Direction::Pull
            ? new Step(
                "{$how} Their arrows point into the box and their pleats stand upright.{$coarse}",
                'The fan pulls, so air must pass every filter the way its arrow points; upright pleats shed dust.',
                2.0,
                'Arrows of all filters point into the box',
                ['face'],
            )
            : new Step(
                "{$how} Their arrows point out of the box and their pleats stand upright.{$coarse}",
                'The fan pushes, so air must pass every filter the way its arrow points; upright pleats shed dust.',
                2.0,
                'Arrows of all filters point out of the box',
                ['face'],
            );
    }

    /**
     * @param  int  $count  seams to close
     * @param  string  $which  `every upright seam`
     */
    public static function join(Design $design, int $count, string $which, string $reason, string ...$sets): Step
    {
        $joining = $design->joining;

        return (new Step(
            sprintf('Close %s with %s from end to end and press it flat.', $which, $joining->with),
            $reason,
            2.0,
            'All seams pressed',
            array_values($sets),
        ))->joining($count, $joining);
    }

    /** What is done about the fan's corners; null where nothing is. */
    public static function corners(Design $design): ?Step
    {
        return match ($design->corners) {
            Corners::Open => null,
            Corners::Taped => new Step('Tape carton triangles over the front corners of the fan.', 'Through open corners the fan moves air that no filter has cleaned.', 3.0, tools: ['tape'], skill: 'taping'),
            Corners::Shroud => new Step('Centre the shroud’s hole over the blades and tape the shroud to the fan’s front, clear of the guard.', 'It stops air from falling back through the housing’s corners.', 5.0, 'Guard on, blades free', ['shroud'], ['tape'], 'taping'),
        };
    }

    public static function power(): Step
    {
        return new Step('Plug in and run on high; listen for clicks or rubbing.', 'Something may touch the blades.', 1.0, 'Blades free, no clicking');
    }

    public static function tissue(Design $design): Step
    {
        return $design->direction() === Direction::Pull
            ? new Step('Hold a strip of tissue along every seam and corner, then in front of each filter.', 'At a seam it must hang still; at a filter it must be drawn in.', 4.0, 'No seam draws, every filter draws', tools: ['tissue'])
            : new Step('Hold a strip of tissue along every seam and corner, then in front of each filter.', 'At a seam it must hang still; at a filter it must be blown out.', 4.0, 'No seam blows, every filter blows', tools: ['tissue']);
    }

    public static function label(Design $design): Step
    {
        return new Step(
            $design->direction() === Direction::Pull
                ? 'Patch what draws, then label the unit with date, filters and speed.'
                : 'Patch what blows, then label the unit with date, filters and speed.',
            'Whoever looks after it must know when the filters went in.',
            3.0,
            tools: ['marker'],
        );
    }

    /**
     * The usual end of every build.
     *
     * @return non-empty-list<Step>
     */
    public static function finish(Design $design): array
    {
        return [self::power(), self::tissue($design), self::label($design)];
    }

    /**
     * Steps in order, those that do not apply left out.
     *
     * @return non-empty-list<Step>
     */
    public static function list(?Step ...$steps): array
    {
        $list = array_values(array_filter($steps));

        return $list === [] ? [self::power()] : $list;
    }
}
